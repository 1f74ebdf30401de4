<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { scaleBand, scaleLinear } from 'd3'
import type { Room } from '~~/core/checks/types'
import { toNumber } from '~~/core/decimal/decimal'
import { machineLabel } from '~~/core/label/machine'
import type { Places } from '~/desk/cards'
import type { Drawing } from '~/desk/drawing'
import { vLabel } from '~/desk/label'

const props = defineProps<{
  drawing: Drawing
  tickValues: readonly string[]
  /** Labels come as they change, so that the drawing need not. */
  tickLabels: Readonly<Ref<readonly string[]>>
  markValues: readonly string[]
  markLabels: Readonly<Ref<readonly string[]>>
  flaggedTicks: Places
  flaggedMarks: Places
  machine: boolean
  width: number
  height: number
  title: string
  axisTitle: string
  /** All that it shows, in words. */
  description: string
}>()

const emit = defineEmits<{ room: [room: Room] }>()

/** What the marks are set in. */
const MARK_TYPE = { fontSize: 13, weight: '600' } as const
const TOP = 40
const TITLE_LINE = 12
const BOTTOM = 40
const RIGHT = 8
/** Room for a character of a tick label, in pixels of the 13-pixel type. */
const CHARACTER = 7
const MACHINE_GAP = 10
const ROOM_STEP = 28
/** Milliseconds without a move after which the hand rests. */
const REST = 600

const longest = (labels: readonly string[]) => Math.max(0, ...labels.map((label) => label.length))
/** In whole steps; it grows at once and shrinks when the hand rests, so that the columns stand still while labels change. */
const neededRoom = computed(() => Math.ceil((longest(props.tickLabels.value) * CHARACTER + 14) / ROOM_STEP) * ROOM_STEP)
const labelRoom = ref(neededRoom.value)
watch(neededRoom, (needed) => {
  if (needed > labelRoom.value) labelRoom.value = needed
})
watchDebounced(neededRoom, (needed) => (labelRoom.value = needed), { debounce: REST })
const machineLabels = computed(() => (props.machine ? props.tickValues.map(machineLabel) : []))
const machineRoom = computed(() => (props.machine ? longest(machineLabels.value) * CHARACTER + MACHINE_GAP : 0))
const left = computed(() => Math.min(props.width / 2, labelRoom.value + machineRoom.value))

const numbers = computed(() => ({
  ticks: props.drawing.ticks.values.map(toNumber),
  marks: props.drawing.groups.map(({ value }) => toNumber(value)),
}))
const y = computed(() => {
  // Ticks inside the domain leave the columns their whole height.
  const reach = [...numbers.value.ticks, ...props.drawing.domain.map(toNumber)]
  return scaleLinear().domain([Math.min(...reach), Math.max(...reach)]).range([props.height - BOTTOM, TOP])
})
const x = computed(() => scaleBand().domain(props.drawing.groups.map(({ category }) => category)).range([left.value, props.width - RIGHT]).paddingInner(0.28).paddingOuter(0.14))

/** The marks share what the columns stand in; a label may reach over its column's gaps. */
const marksWidth = computed(() => props.width - RIGHT - left.value)
watch(marksWidth, (width) => emit('room', { width, ...MARK_TYPE }), { immediate: true })

/** Categories keep to the width of their column: two lines at most, the rest behind an ellipsis. */
function wrapped(name: string): string[] {
  const room = Math.max(4, Math.floor(x.value.step() / 6.4))
  const lines: string[] = []
  for (const word of name.split(' ')) {
    const last = lines.at(-1)
    if (last !== undefined && last.length + word.length < room) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  const kept = lines.slice(0, 2).map((line) => (line.length > room ? `${line.slice(0, room - 1)}…` : line))
  if (lines.length > 2) kept[1] = `${kept[1]!.slice(0, room - 1)}…`
  return kept
}
</script>

<template>
  <svg :width="width" :height="height" role="img" :aria-label="title" class="chart">
    <desc>{{ description }}</desc>
    <text x="0" :y="TITLE_LINE" class="axis-title">{{ axisTitle }}</text>
    <g v-for="(value, at) in tickValues" :key="`tick ${value}`" :transform="`translate(0 ${y(numbers.ticks[at]!)})`">
      <line :x1="left" :x2="width - RIGHT" :class="['grid', { zero: numbers.ticks[at] === 0 }]" />
      <text v-label="() => tickLabels.value[at]" :x="left - 8" dy="0.34em" text-anchor="end" data-surface="axis" :data-at="at" :class="['label', { flagged: flaggedTicks.has(at) }]" />
      <text v-if="machine" :x="left - labelRoom" dy="0.34em" text-anchor="end" class="machine">{{ machineLabels[at] }}</text>
    </g>
    <g v-for="(group, at) in drawing.groups" :key="group.category">
      <rect :x="x(group.category)" :width="x.bandwidth()" :y="Math.min(y(0), y(numbers.marks[at]!))" :height="Math.abs(y(0) - y(numbers.marks[at]!))" class="column" />
      <text
        v-label="() => markLabels.value[at]" :x="x(group.category)! + x.bandwidth() / 2" :y="y(Math.max(0, numbers.marks[at]!)) - 6" text-anchor="middle"
        data-surface="marks" :data-at="at" :class="['label', 'mark', { flagged: flaggedMarks.has(at) }]"
      />
      <text :x="x(group.category)! + x.bandwidth() / 2" :y="height - BOTTOM + 15" text-anchor="middle" class="category">
        <title>{{ group.category }}</title>
        <tspan v-for="(line, row) in wrapped(group.category)" :key="row" :x="x(group.category)! + x.bandwidth() / 2" :dy="row === 0 ? 0 : 14">{{ line }}</tspan>
      </text>
    </g>
  </svg>
</template>

<style scoped>
.chart {
  display: block;
  font-size: 13px;
}

.grid {
  stroke: var(--rule-soft);
}

.grid.zero {
  stroke: var(--ink-soft);
}

.column {
  fill: var(--mark);
}

.label {
  fill: var(--ink);
}

.mark {
  font-weight: 600;
}

.flagged {
  fill: var(--rosewood);
  text-decoration: underline wavy 1px;
  text-underline-offset: 3px;
}

.axis-title {
  fill: var(--ink-soft);
  font-size: 12px;
}

.machine {
  fill: var(--ink-faint);
  font-size: 12px;
}

.category {
  fill: var(--ink-soft);
  font-size: 12px;
}
</style>
