<script setup lang="ts">
import type { MessageView } from './messageView'
import { freeSpot } from '~~/shared/page/calloutSpot'
import type { Spot } from '~~/shared/forms/types'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.calloutNote

/** A callout at its mark, dragged or moved with the arrow keys to where it has room. */
const props = defineProps<{
  view: MessageView
  /** Whether one of its numbers misleads. */
  flagged: boolean
  /** Where the labels of marks stand, in the chart, and which of them it is about. */
  labels: readonly Spot[]
  at: number
  /** Of the chart, in pixels. */
  width: number
  fontSize: number
}>()
const study = useStudy()
const WIDTH = 150
const STEP = 4
const HEIGHT = 40
const mark = computed(() => props.labels[props.at]!)
const usual = computed(() =>
  freeSpot(props.labels, props.at, { width: WIDTH, height: HEIGHT }, props.width),
)
const from = computed(() => ({
  x: study.quantity?.chart.callout?.x ?? usual.value.x,
  y: study.quantity?.chart.callout?.y ?? usual.value.y,
}))
const left = computed(() => Math.max(0, Math.min(props.width - WIDTH, mark.value.x + from.value.x)))
const top = computed(() => Math.max(0, mark.value.y + from.value.y))
/** The end of the line at the note: its nearer side. */
const end = computed(() => Math.min(left.value + WIDTH, Math.max(left.value, mark.value.x)))

function move(x: number, y: number) {
  study.changeQuantity(
    words.move,
    (one) => ({
      ...one,
      chart: {
        ...one.chart,
        callout: one.chart.callout && { ...one.chart.callout, x: Math.round(x), y: Math.round(y) },
      },
    }),
    true,
  )
}
let held: { x: number; y: number } | null = null
function take(event: PointerEvent) {
  held = { x: from.value.x - event.clientX, y: from.value.y - event.clientY }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
const drag = (event: PointerEvent) => held && move(held.x + event.clientX, held.y + event.clientY)
const release = () => (held = null)
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
}
function press(event: KeyboardEvent) {
  const by = arrows[event.key]
  if (!by) return
  event.preventDefault()
  move(from.value.x + by[0], from.value.y + by[1])
}
</script>

<template>
  <svg class="lead" aria-hidden="true" data-picture="line">
    <line
      :x1="mark.x"
      :y1="top < mark.y ? mark.y - fontSize : mark.y + 3"
      :x2="end"
      :y2="top + fontSize"
    />
  </svg>
  <div
    class="note"
    data-picture="words"
    :style="{ left: `${left}px`, top: `${top}px`, width: `${WIDTH}px`, fontSize: `${fontSize}px` }"
  >
    <button
      type="button"
      class="grip"
      :aria-label="words.move"
      :title="words.help"
      @pointerdown="take"
      @pointermove="drag"
      @pointerup="release"
      @pointercancel="release"
      @keydown="press"
    />
    <ProseLine id="callout" :view="view" :flagged="flagged" :font-size="fontSize" />
  </div>
</template>

<style scoped>
.lead {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  overflow: visible;
  pointer-events: none;
}

line {
  stroke: var(--ink-soft);
}

.note {
  position: absolute;
  padding-block: 1px;
  padding-inline-start: var(--gap-2);
  border-inline-start: 2px solid var(--rosewood);
  line-height: 1.25;
}

.note:focus-within {
  z-index: 1;
}

.note:has(textarea) {
  width: 340px !important;
  background: var(--sheet);
  box-shadow: var(--shadow);
}

.grip {
  position: absolute;
  inset: 0 auto 0 -5px;
  width: 10px;
  padding: 0;
  border: 0;
  background: none;
  cursor: move;
  touch-action: none;
}
</style>
