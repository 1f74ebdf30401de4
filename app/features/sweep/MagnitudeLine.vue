<script setup lang="ts">
import { LARGEST_ORDER, LEAST_ORDER, nameOf } from '~~/core/compare/magnitudes'
import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import { labeller } from '~~/core/label/labeller'
import type { Plan } from '~~/core/label/types'
import { caseWords } from '~~/core/style/cases'
import type { StyleCase } from '~~/core/style/schemas'
import {
  type Edge,
  edgesIn,
  LAST_PLACE,
  LEAST_PLACE,
  orderAt,
  placeOfSize,
  sizeAt,
  withEdge,
} from './magnitude'
import { words as catalogue } from '~~/words'

const words = catalogue.sweep.magnitudeLine

/**
 * Any size by hand: what it is called, and how it is written; with the cases by size on the same
 * line, whose edges are moved there.
 */
const props = defineProps<{
  ways: readonly { readonly title: string; readonly plan: Plan }[]
  /** A number that it begins at. */
  begin: Decimal | null
  cases: readonly StyleCase[]
}>()
const emit = defineEmits<{ cases: [cases: StyleCase[]] }>()

const place = ref(props.begin ? placeOfSize(props.begin) : 0)
watch(
  () => props.begin && placeOfSize(props.begin),
  (next) => (place.value = next ?? 0),
)
const value = computed(() => sizeAt(place.value))
const name = computed(() => nameOf(orderAt(place.value)))
const labels = computed(() =>
  props.ways.map(({ title, plan }) => ({
    title,
    label: labeller(plan).label(toExactText(value.value)),
  })),
)

const SPAN = LARGEST_ORDER - LEAST_ORDER
const along = (power: number) =>
  ((Math.min(LARGEST_ORDER, Math.max(LEAST_ORDER, power)) - LEAST_ORDER) / SPAN) * 100
const bands = computed(() =>
  props.cases.flatMap(({ when }, at) => {
    if (!('magnitude' in when)) return []
    const { from = LEAST_ORDER, to = LARGEST_ORDER } = when.magnitude
    return [{ at, left: along(from), width: along(to) - along(from), title: caseWords(when) }]
  }),
)
const edges = computed(() => edgesIn(props.cases))
const track = useTemplateRef<HTMLElement>('track')
const move = (edge: Edge, power: number) =>
  power !== edge.power && emit('cases', withEdge(props.cases, edge, power))
function take(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent, edge: Edge) {
  if (!(event.currentTarget as Element).hasPointerCapture(event.pointerId) || !track.value) return
  const { left, width } = track.value.getBoundingClientRect()
  move(edge, Math.round(LEAST_ORDER + ((event.clientX - left) / width) * SPAN))
}
const steps: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
}
function press(event: KeyboardEvent, edge: Edge) {
  const step = steps[event.key]
  if (step === undefined) return
  event.preventDefault()
  move(edge, edge.power + step)
}
</script>

<template>
  <div class="line" role="group" :aria-label="words.anySize">
    <div ref="track" class="track">
      <span
        v-for="{ at, left, width, title } in bands"
        :key="at"
        class="band"
        :title="title"
        :style="{ left: `${left}%`, width: `${width}%` }"
      />
      <Slider
        v-model="place"
        :min="LEAST_PLACE"
        :max="LAST_PLACE"
        :aria-label="words.size"
        class="slider"
      />
      <span
        v-for="edge in edges"
        :key="`${edge.at} ${edge.end}`"
        class="edge"
        role="slider"
        tabindex="0"
        :aria-label="words.edge({ for: caseWords(cases[edge.at]!.when) })"
        :aria-valuemin="LEAST_ORDER"
        :aria-valuemax="LARGEST_ORDER"
        :aria-valuenow="edge.power"
        :title="words.edge({ for: caseWords(cases[edge.at]!.when) })"
        :style="{ left: `${along(edge.power)}%` }"
        @pointerdown="take"
        @pointermove="drag($event, edge)"
        @keydown="press($event, edge)"
      />
    </div>
    <p class="said" aria-live="polite">
      <span class="value">{{ plainly(value) }}</span>
      <PowerOfTen :power="orderAt(place)" />
      <span class="soft">{{ name.name }} {{ name.symbol }}</span>
    </p>
    <div class="labels">
      <p v-for="({ title, label }, at) in labels" :key="at" class="label" :title="label">
        <b>{{ label }}</b> <span v-if="ways.length > 1" class="soft">{{ title }}</span>
      </p>
    </div>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 2px;
  min-width: 0;
}

.track {
  position: relative;
  height: 26px;
  margin: 0 8px;
}

.slider {
  position: absolute;
  top: 12px;
  right: 0;
  left: 0;
}

.band {
  position: absolute;
  top: 8px;
  min-width: 3px;
  height: 12px;
  background: var(--jade-wash);
  border-inline: 1px solid var(--jade);
}

.edge {
  position: absolute;
  top: 3px;
  z-index: 1;
  width: 9px;
  height: 22px;
  margin-left: -4px;
  border-inline: 3px solid transparent;
  background: var(--rosewood);
  background-clip: padding-box;
  cursor: ew-resize;
  touch-action: none;
}

.said {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-2);
  min-height: 1.45em;
  font-size: var(--text-small);
}

.labels {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-5);
}

.label {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
