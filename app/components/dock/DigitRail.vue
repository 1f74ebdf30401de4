<script setup lang="ts">
import { useDevicePixelRatio, usePreferredDark, useWindowSize } from '@vueuse/core'
import type { FullStyle, Style } from '~~/core/style/fields'
import { decimalsText } from '~~/core/style/decimals'
import { digitFont, type Drawn, drawDigits, drawGround, groundFont, groundOf, inksOf, LOW_ROW, LOW_WINDOW, type Places, placesOf, ROW, spokenRows } from '~/desk/face'
import { beamStops, powerText, type Rail, withBeam, withCut } from '~/desk/rail'

/** The rail and the style come by getters: a move draws them anew, not what the rail stands in. */
const props = defineProps<{ railNow: () => Rail; styleNow: () => FullStyle; width: number }>()
const emit = defineEmits<{ change: [what: string, patch: Style] }>()

const rail = computed(() => props.railNow())
const style = computed(() => props.styleNow())
const { height: windowHeight } = useWindowSize()
/** In low windows the page needs the room. */
const rowHeight = computed(() => (windowHeight.value < LOW_WINDOW ? LOW_ROW : ROW))
const places = computed(() => placesOf(rail.value, props.width, rowHeight.value))
const right = (power: number) => places.value.right(power)

// The face is two canvases: some sixty digits and twenty labels change at every move of a handle,
// and laying them out as elements takes longer than all labels of the page.
const ground = useTemplateRef<HTMLCanvasElement>('ground')
const digits = useTemplateRef<HTMLCanvasElement>('digits')
const { pixelRatio } = useDevicePixelRatio()
const typeIsReady = ref(false)
void document.fonts.ready.then(() => (typeIsReady.value = true))
const isDark = usePreferredDark()
const inks = computed(() => (void isDark.value, digits.value && typeIsReady.value ? inksOf(digits.value) : null))

/** A canvas sharp on this screen, whose unit is a CSS pixel; wiped clean, or as it was where that is wanted and it has its size. */
function cleared(canvas: HTMLCanvasElement, font: string, isKept = false): CanvasRenderingContext2D {
  const context = canvas.getContext('2d')!
  const [width, height] = [props.width, places.value.height].map((length) => Math.round(length * pixelRatio.value)) as [number, number]
  if (canvas.width !== width || canvas.height !== height || canvas.dataset.font !== font) {
    // A new size takes all settings from a canvas.
    [canvas.width, canvas.height, canvas.dataset.font] = [width, height, font]
    context.setTransform(pixelRatio.value, 0, 0, pixelRatio.value, 0, 0)
    context.font = font
  }
  if (!isKept) context.clearRect(0, 0, props.width, places.value.height)
  return context
}
const groundKey = computed(() => groundOf(rail.value, style.value, places.value))
watch([groundKey, inks, pixelRatio, () => props.width], () => {
  if (ground.value && inks.value) drawGround(cleared(ground.value, groundFont(inks.value)), rail.value, style.value, places.value, inks.value)
}, { flush: 'post' })
/** What stands on the digits' canvas, and on which ground and in which inks it was drawn. */
let drawn: { digits: Drawn; on: readonly unknown[] } = { digits: new Map(), on: [] }
watchEffect(() => {
  if (!digits.value || !inks.value) return
  const on = [groundKey.value, inks.value, pixelRatio.value, props.width, places.value.height]
  const isKept = rail.value.beamIsShared && on.every((one, at) => one === drawn.on[at])
  const context = cleared(digits.value, digitFont(inks.value), isKept)
  drawn = { digits: drawDigits(context, rail.value, places.value, inks.value, isKept ? drawn.digits : new Map()), on: rail.value.beamIsShared ? on : [] }
}, { flush: 'post' })

/** Nobody hears the rows while they change. */
const REST = 250
const inWords = atRest(() => spokenRows(rail.value), REST)

const stops = computed(() => beamStops(style.value, rail.value))
const nearest = (choices: readonly number[], power: number) => choices.reduce((best, one) => (Math.abs(one - power) < Math.abs(best - power) ? one : best))
const decimals = computed(() => Math.max(0, rail.value.beam - rail.value.cut))

function moveBeam(power: number) {
  const stop = nearest(stops.value, power)
  if (stop !== rail.value.beam || !rail.value.beamIsShared) emit('change', `Put the beam at ${powerText(stop, style.value)}`, withBeam(style.value, stop))
}
function moveCut(power: number) {
  const kept = Math.min(rail.value.beam, power)
  if (kept !== rail.value.cut) emit('change', `Cut to ${decimalsText(rail.value.beam - kept)}`, withCut(style.value, rail.value.beam, kept))
}

type Handle = 'beam' | 'cut'
const moves: Record<Handle, (power: number) => void> = { beam: moveBeam, cut: moveCut }
const svg = useTemplateRef<SVGSVGElement>('svg')
/** The columns as they stood when a handle was taken up, so that they do not run from the hand. */
let grip: Places | null = null

function take(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  grip = places.value
}
function drag(handle: Handle, event: PointerEvent) {
  if (!grip || !svg.value) return
  const x = event.clientX - svg.value.getBoundingClientRect().left
  moves[handle](grip.powerAt(x))
}
function release() {
  grip = null
}

function step(handle: Handle, towardsSmaller: boolean) {
  if (handle === 'cut') return moveCut(rail.value.cut + (towardsSmaller ? -1 : 1))
  const at = stops.value.indexOf(nearest(stops.value, rail.value.beam))
  const next = stops.value[at + (towardsSmaller ? -1 : 1)]
  if (next !== undefined) moveBeam(next)
}
const arrows: Record<string, boolean> = { ArrowRight: true, ArrowDown: true, ArrowLeft: false, ArrowUp: false }
function press(handle: Handle, event: KeyboardEvent) {
  const towardsSmaller = arrows[event.key]
  if (towardsSmaller === undefined) return
  event.preventDefault()
  step(handle, towardsSmaller)
}
</script>

<template>
  <div class="rail" role="group" aria-label="Rail: digits of telling values" :style="{ width: `${width}px`, height: `${places.height}px` }">
    <canvas ref="ground" aria-hidden="true" />
    <canvas ref="digits" role="img" :aria-label="inWords" />
    <svg ref="svg" :width="width" :height="places.height">
      <g
        class="handle beam" :class="{ loose: !rail.beamIsShared }" :transform="`translate(${right(rail.beam)} 0)`" tabindex="0" role="slider" aria-label="Beam: where the decimal mark stands"
        :aria-valuemin="0" :aria-valuemax="stops.length - 1" :aria-valuenow="Math.max(0, stops.indexOf(rail.beam))"
        :aria-valuetext="rail.beamIsShared ? powerText(rail.beam, style) : `each label its own, the largest in ${powerText(rail.beam, style)}`"
        @pointerdown="take" @pointermove="drag('beam', $event)" @pointerup="release" @pointercancel="release" @keydown="press('beam', $event)"
      >
        <rect x="-14" y="0" width="28" :height="places.bottom" class="reach" />
        <line y1="12" :y2="places.bottom" />
        <ellipse cy="9" rx="11" ry="8" />
        <text x="15" y="13" class="hint">{{ rail.beamIsShared ? powerText(rail.beam, style) : 'each its own' }}</text>
        <title>The beam: where the decimal mark stands. Drag it, or use the arrow keys.</title>
      </g>
      <g
        class="handle cut" :transform="`translate(${right(rail.cut)} 0)`" tabindex="0" role="slider" aria-label="Cut: the last digit written"
        :aria-valuemin="0" :aria-valuemax="100" :aria-valuenow="decimals" :aria-valuetext="decimalsText(decimals)"
        @pointerdown="take" @pointermove="drag('cut', $event)" @pointerup="release" @pointercancel="release" @keydown="press('cut', $event)"
      >
        <rect x="-14" :y="places.head" width="28" :height="places.height - places.head" class="reach" />
        <line :y1="places.head - 4" :y2="places.bottom + 8" />
        <ellipse :cy="places.bottom + 14" rx="11" ry="8" />
        <text x="15" :y="places.bottom + 18" class="hint">{{ decimalsText(decimals) }}</text>
        <title>The cut: the last digit written. Drag it, or use the arrow keys.</title>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.rail {
  position: relative;
  contain: layout size;
  user-select: none;
}

canvas,
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}

.hint {
  fill: var(--ink-soft);
  font-size: var(--text-small);
}

.handle {
  cursor: ew-resize;
  touch-action: none;
  outline: none;
}

.handle .reach {
  fill: transparent;
}

.handle line {
  stroke-width: 2;
}

.handle ellipse {
  stroke: var(--sheet);
  stroke-width: 1.5;
}

.beam line,
.beam ellipse {
  stroke: var(--jade);
}

.beam ellipse {
  fill: var(--jade);
}

.beam.loose line {
  stroke-dasharray: 2 4;
}

.cut line,
.cut ellipse {
  stroke: var(--rosewood);
}

.cut ellipse {
  fill: var(--rosewood);
}

.handle:focus-visible ellipse {
  stroke: var(--ink);
  stroke-width: 3;
}
</style>
