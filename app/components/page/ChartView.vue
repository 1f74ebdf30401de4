<script setup lang="ts">
import type { Room } from '~~/core/checks/types'
import { machineLabel } from '~~/core/label/machine'
import { textWidth } from '~~/core/text/advance'
import type { Form } from '~~/shared/study'
import type { SecondAxis } from '~/composables/second'
import type { Places } from '~/desk/cards'
import type { Drawing } from '~~/shared/page/drawing'
import { geometryOf, type MarkPlace, wrapped } from '~/desk/geometry'
import { vLabel } from '~/desk/label'
import type { MarkText } from '~~/shared/page/marks'

const props = defineProps<{
  drawing: Drawing
  /** The places of its first mark, and of its first label, among those of all panels. */
  first: number
  firstLabel: number
  form: Form
  tickValues: readonly string[]
  /** Labels come as they change, so that the drawing need not. */
  tickLabels: Readonly<Ref<readonly string[]>>
  markLabels: Readonly<Ref<readonly string[]>>
  /** What stands on each mark, part by part. */
  beside: Readonly<Ref<readonly (readonly MarkText[])[]>>
  /** How many lines that takes. */
  lines: number
  /** Whether labels go into marks that have room for them. */
  inside: boolean
  flaggedTicks: Places
  flaggedMarks: Places
  hasAxis: boolean
  hasMarks: boolean
  /** The bin of each mark, where they are shaded. */
  bins: readonly number[] | null
  machine: boolean
  width: number
  height: number
  fontSize: number
  title: string
  axisTitle: string
  /** All that it shows, in words. */
  description: string
  /** Another quantity with an axis of its own. */
  second: SecondAxis | null
  /** The mark whose tooltip is shown. */
  tip: number | null
}>()

const emit = defineEmits<{
  room: [room: Room]
  axisRoom: [room: Room | null]
  point: [at: number]
  takeSecond: [id: string]
}>()

const MACHINE_GAP = 10
const ROOM_STEP = 28
/** What labels behind bars may take of the chart; a longer one is cut, as a finding says. */
const MOST_ENDS = 0.4
/** Milliseconds without a move after which the hand rests. */
const REST = 600

/** Room for a character of a tick label, in pixels of the 13-pixel type. */
const character = computed(() => 7 * (props.fontSize / 13))
const longest = (labels: readonly string[]) => Math.max(0, ...labels.map((label) => label.length))
const partsAt = (i: number) => props.beside.value[i + props.firstLabel] ?? []
const textAt = (i: number, place: number) => {
  const own = partsAt(i)
  const part = own[place]
  return part
    ? `${place > 0 && own[place - 1]!.line === part.line ? ' ' : ''}${part.text ?? props.markLabels.value[i + props.firstLabel] ?? ''}`
    : ''
}
/** All that stands on one line of a mark. */
const textOn = (i: number, line: number) =>
  partsAt(i)
    .map((part, place) => (part.line === line ? textAt(i, place) : ''))
    .join('')

/** Room for labels, in whole steps; it grows at once and shrinks when the hand rests, so that the marks stand still while labels change. */
function roomFor(
  has: () => boolean,
  labels: () => readonly string[],
  gap: number,
  none: number,
): Ref<number> {
  const needed = computed(() =>
    has() ? Math.ceil((longest(labels()) * character.value + gap) / ROOM_STEP) * ROOM_STEP : none,
  )
  const room = ref(needed.value)
  watch(needed, (now) => {
    if (now > room.value || !has()) room.value = now
  })
  whenAtRest(
    () => needed.value,
    (now) => (room.value = now),
    REST,
  )
  return room
}
const labelRoom = roomFor(
  () => props.hasAxis,
  () => props.tickLabels.value,
  14,
  8,
)
/** Behind the longest bar. */
const endRoom = roomFor(
  () => props.form === 'bars' && props.hasMarks,
  () => props.drawing.labelled.map((_, i) => textOn(i, 0)),
  16,
  16,
)
/** Forms whose axis lies below. */
const axisBelow = computed(() => props.form === 'bars' || props.form === 'distribution')
const showsMachine = computed(() => props.machine && props.hasAxis && props.form !== 'ring')
const machineLabels = computed(() => (showsMachine.value ? props.tickValues.map(machineLabel) : []))
const machineRoom = computed(() =>
  showsMachine.value ? longest(machineLabels.value) * character.value + MACHINE_GAP : 0,
)
const left = computed(() => Math.min(props.width / 2, labelRoom.value + machineRoom.value))
const names = computed(
  () => longest(props.drawing.groups.map(({ category }) => category)) * character.value + 12,
)

const geometry = computed(() =>
  geometryOf(props.form, props.drawing, {
    ends: Math.min(props.width * MOST_ENDS, endRoom.value),
    width: props.width,
    height: props.height,
    fontSize: props.fontSize,
    left: left.value,
    names: names.value,
    lines: props.lines,
    second: props.second && {
      ...props.second,
      room: longest(props.second.labels) * character.value + 16,
    },
    under: axisBelow.value && showsMachine.value ? props.fontSize * 1.3 : 0,
  }),
)
/** The place of each group among those that carry a label. */
const labelAt = computed(() => new Map(props.drawing.labelled.map((at, i) => [at, i])))

/** The room of the marks' labels, told when it is another. */
const room = computed((): Room => {
  const { marks, marksWidth, isAlone } = geometry.value
  return {
    width: marksWidth,
    fontSize: props.fontSize,
    weight: '600',
    ...(isAlone
      ? { each: true }
      : { middles: props.drawing.labelled.map((at) => Math.round(marks[at]!.label.x)) }),
  }
})
/** The room of the axis's labels: side by side below, or above each other at the left. */
const axisRoom = computed((): Room | null => {
  const { ticks } = geometry.value
  if (ticks.length === 0) return null
  return axisBelow.value
    ? { width: props.width, fontSize: props.fontSize, middles: ticks.map(({ x }) => Math.round(x)) }
    : {
        width: props.height,
        fontSize: props.fontSize,
        stacked: true,
        middles: ticks.map(({ y }) => Math.round(props.height - y)),
      }
})
watch(
  () => JSON.stringify(axisRoom.value),
  () => emit('axisRoom', axisRoom.value),
  { immediate: true },
)
watch(
  () => JSON.stringify(room.value),
  () => emit('room', room.value),
  { immediate: true },
)

const LEADING = 1.25
/** Where a mark's label stands: at its end, or inside it where that is wanted and all its lines fit. */
const INSET = 5
function spotOf(at: number): MarkPlace['label'] & { readonly isInside?: boolean } {
  const { shape, label } = geometry.value.marks[at]!
  if (!props.inside || shape.kind !== 'rect') return label
  const i = labelAt.value.get(at)!
  const count = linesOn(i)
  const tall = count * props.fontSize * LEADING + INSET
  const wide = Math.max(
    ...Array.from({ length: count }, (_, line) =>
      textWidth(textOn(i, line), props.fontSize, '600'),
    ),
  )
  if (shape.height < tall || shape.width < wide + (props.form === 'bars' ? 2 * INSET : 0))
    return label
  return props.form === 'bars'
    ? { ...label, x: shape.x + shape.width - INSET, anchor: 'end', isInside: true }
    : { ...label, y: shape.y + props.fontSize * LEADING, rises: false, isInside: true }
}
/** Upper lines rise from where the label stands; others go down. */
const lineY = (at: number, line: number) => {
  const { y, rises, isInside } = spotOf(at)
  const below = linesOn(labelAt.value.get(at)!) - 1 - line
  if (isInside && props.form !== 'bars') return y + props.fontSize * LEADING * line
  return y - props.fontSize * LEADING * (rises ? below : below - (props.lines - 1) / 2)
}
/** How many lines a mark's label has: the first of all has no change to tell. */
const linesOn = (i: number) => Math.max(0, ...partsAt(i).map(({ line }) => line)) + 1
const partsOn = (i: number, line: number) =>
  partsAt(i).flatMap((part, place) => (part.line === line ? [{ ...part, place }] : []))
/** A tooltip of two lines stands above its mark's label where there is room, beside it elsewhere. */
const tipRoom = computed(() => 3 * props.fontSize + 14)
const TIP_WIDTH = 110
/** How far its wide side and half a label beside it reach. */
const TIP_REACH = 150
const tipAt = computed(() => {
  const mark = props.tip === null ? undefined : geometry.value.marks[props.tip]
  if (!mark) return null
  const { x, y } = mark.label
  if (props.form === 'bars')
    return { x: Math.min(x + 60, props.width - TIP_WIDTH), y, across: '0', up: '-50%' }
  const isRight = x > props.width / 2
  // It hides no label beside it.
  const near = geometry.value.marks
    .filter(({ label }) => Math.abs(label.x - x) < TIP_REACH)
    .map(({ label }) => label.y)
  const top = Math.min(...near) - props.fontSize * LEADING * props.lines
  return top > tipRoom.value
    ? { x, y: top, across: isRight ? '-82%' : '-18%', up: '-100%' }
    : { x: x + (isRight ? -14 : 14), y: y + 10, across: isRight ? '-100%' : '0', up: '0' }
})
const shadeOf = (at: number) => {
  const shade = props.bins
    ? props.bins[at + props.first]! + 1
    : props.form === 'ring'
      ? (at % 4) + 2
      : null
  return shade === null ? undefined : { fill: `var(--shade-${shade})` }
}
</script>

<template>
  <div class="frame" :style="{ width: `${width}px`, height: `${height}px` }">
    <svg
      :width="width"
      :height="height"
      role="img"
      :aria-label="title"
      class="chart"
      :style="{ fontSize: `${fontSize}px` }"
    >
      <desc>{{ description }}</desc>
      <text x="0" :y="12" class="axis-title">{{ axisTitle }}</text>
      <template v-if="hasAxis">
        <g v-for="(tick, at) in geometry.ticks" :key="`tick ${tickValues[at]}`">
          <line
            :x1="tick.line[0]"
            :y1="tick.line[1]"
            :x2="tick.line[2]"
            :y2="tick.line[3]"
            :class="['grid', { zero: tick.isZero }]"
          />
          <text
            v-label="() => tickLabels.value[at]"
            :x="tick.x"
            :y="tick.y"
            :text-anchor="tick.anchor"
            data-surface="axis"
            :data-at="at"
            :class="['label', { flagged: flaggedTicks.has(at) }]"
          />
          <text
            v-if="showsMachine"
            :x="axisBelow ? tick.x : left - labelRoom"
            :y="axisBelow ? tick.y + fontSize * 1.3 : tick.y"
            :text-anchor="tick.anchor"
            class="machine"
          >
            {{ machineLabels[at] }}
          </text>
        </g>
      </template>
      <template v-if="second && geometry.second.length > 0">
        <text :x="width" :y="12" text-anchor="end" class="axis-title second">
          {{ second.title }}
        </text>
        <text
          v-for="(spot, at) in geometry.second"
          :key="`second ${at}`"
          :x="spot.x"
          :y="spot.y"
          class="second"
          data-second
          @click="emit('takeSecond', second.id)"
        >
          {{ second.labels[at] }}
        </text>
      </template>
      <path v-if="geometry.area" :d="geometry.area" class="area" />
      <path v-if="geometry.line" :d="geometry.line" class="line" />
      <g
        v-for="(mark, at) in geometry.marks"
        :key="at"
        :class="['shape', { tipped: tip === at }]"
        :style="shadeOf(at)"
        :data-mark="at + first"
        @pointerenter="emit('point', at + first)"
      >
        <rect
          v-if="mark.shape.kind === 'rect'"
          :x="mark.shape.x"
          :y="mark.shape.y"
          :width="mark.shape.width"
          :height="mark.shape.height"
        />
        <template v-else-if="mark.shape.kind === 'stack'">
          <rect
            v-for="(rect, piece) in mark.shape.rects"
            :key="piece"
            v-bind="rect"
            :style="{ fill: `var(--colour-${piece + 1})` }"
          />
        </template>
        <circle
          v-else-if="mark.shape.kind === 'dot'"
          :cx="mark.shape.x"
          :cy="mark.shape.y"
          :r="form === 'points' ? 4 : labelAt.has(at) ? 3 : 1.5"
        />
        <path v-else :d="mark.shape.d" :transform="`translate(${mark.shape.x} ${mark.shape.y})`" />
      </g>
      <path v-if="geometry.secondLine" :d="geometry.secondLine" class="second-line" />
      <template v-if="hasMarks">
        <template v-for="(at, i) in drawing.labelled" :key="`mark ${at}`">
          <text
            v-for="line in lines"
            :key="line"
            :x="spotOf(at).x"
            :y="lineY(at, line - 1)"
            :text-anchor="spotOf(at).anchor"
            :class="['label', { over: geometry.line, inside: spotOf(at).isInside }]"
          >
            <tspan
              v-for="part in partsOn(i, line - 1)"
              :key="part.part"
              v-label="() => textAt(i, part.place)"
              :data-part="part.part"
              :data-level="part.part === 'value' || part.part === 'name' ? undefined : part.part"
              :data-surface="part.part === 'value' ? 'marks' : undefined"
              :data-at="part.part === 'value' ? i + firstLabel : undefined"
              :class="
                part.part === 'value'
                  ? ['mark', { flagged: flaggedMarks.has(i + firstLabel) }]
                  : 'side'
              "
            />
          </text>
        </template>
      </template>
      <text
        v-for="name in geometry.names"
        :key="`name ${name.at}`"
        :x="name.x"
        :y="name.y"
        :text-anchor="name.anchor"
        class="category"
      >
        <title>{{ drawing.groups[name.at]!.category }}</title>
        <tspan
          v-for="(line, row) in wrapped(drawing.groups[name.at]!.category, name.room, name.lines)"
          :key="row"
          :x="name.x"
          :dy="row === 0 ? 0 : fontSize * 1.1"
        >
          {{ line }}
        </tspan>
      </text>
    </svg>
    <div
      v-if="tipAt"
      class="tip"
      :style="{
        left: `${tipAt.x}px`,
        top: `${tipAt.y}px`,
        transform: `translate(${tipAt.across}, ${tipAt.up})`,
      }"
    >
      <slot />
    </div>
    <slot name="over" :marks="geometry.marks" />
  </div>
</template>

<style scoped>
/* Its size is given, so that a change in it lays out nothing else. */
.frame {
  position: relative;
  contain: layout size;
}

.tip {
  position: absolute;
}

.chart {
  display: block;
}

.grid {
  stroke: var(--rule-soft);
}

.grid.zero {
  stroke: var(--ink-soft);
}

.shape {
  fill: var(--mark);
}

.shape.tipped {
  stroke: var(--ink);
  stroke-width: 1.5;
}

.second {
  fill: var(--amber);
  cursor: pointer;
}

.second-line {
  fill: none;
  stroke: var(--amber);
  stroke-width: 2;
  pointer-events: none;
}

.line {
  fill: none;
  stroke: var(--mark);
  stroke-width: 1.5;
}

.area {
  fill: var(--mark);
  opacity: 0.28;
}

.label {
  fill: var(--ink);
}

.mark {
  font-weight: 600;
}

.label.over {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}

.inside,
.inside .side {
  fill: var(--sheet);
}

.side {
  fill: var(--ink-soft);
}

.flagged {
  fill: var(--rosewood);
  text-decoration: var(--misleading);
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
  font-size: 0.92em;
}
</style>
