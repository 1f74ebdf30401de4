<script setup lang="ts">
import { decimalsText } from '~~/core/style/counts'
import type { FullStyle, Style } from '~~/core/style/fields'
import { beamStops, powerText, type Rail, withBeam, withCut } from './rail'
import type { RailGeometry } from './railGeometry'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.railHandles

/**
 * The two handles of the rail: the beam, where the decimal mark stands, and the cut, the last digit
 * written.
 */
const props = defineProps<{ rail: Rail; geometry: RailGeometry; styleNow: FullStyle }>()
const emit = defineEmits<{ change: [what: string, patch: Style] }>()

/** A handle whose power has no column stands at the edge of those that there are. */
const inSight = (power: number) => Math.max(props.rail.low, Math.min(props.rail.high, power))
const leftOf = (power: number) => `left:${props.geometry.right(inSight(power))}px`
const stops = computed(() => beamStops(props.styleNow, props.rail))
const nearest = (choices: readonly number[], power: number) =>
  choices.reduce((best, one) => (Math.abs(one - power) < Math.abs(best - power) ? one : best))
const decimals = computed(() => Math.max(0, props.rail.beam - props.rail.cut))

function moveBeam(power: number) {
  const stop = nearest(stops.value, power)
  if (stop !== props.rail.beam || !props.rail.beamIsShared)
    emit(
      'change',
      words.setBeam({ power: powerText(stop, props.styleNow) }),
      withBeam(props.styleNow, stop),
    )
}
function moveCut(power: number) {
  const kept = Math.min(props.rail.beam, power)
  if (kept !== props.rail.cut)
    emit(
      'change',
      words.setCut({ decimals: decimalsText(props.rail.beam - kept) }),
      withCut(props.styleNow, props.rail.beam, kept),
    )
}

type Handle = 'beam' | 'cut'
const moves: Record<Handle, (power: number) => void> = { beam: moveBeam, cut: moveCut }
/** How the handles stand, and what is said of them. */
const handles = computed(() => {
  const { beam, beamIsShared, cut } = props.rail
  const [rung, count] = [powerText(beam, props.styleNow), decimalsText(decimals.value)]
  return [
    {
      handle: 'beam' as const,
      name: words.beam,
      title: words.beamHelp,
      at: beam,
      isLoose: !beamIsShared,
      most: stops.value.length - 1,
      now: Math.max(0, stops.value.indexOf(beam)),
      says: beamIsShared ? rung : words.ownRungs({ rung }),
      hint: beamIsShared ? rung : words.ownRung,
    },
    {
      handle: 'cut' as const,
      name: words.cut,
      title: words.cutHelp,
      at: cut,
      isLoose: false,
      most: 100,
      now: decimals.value,
      says: count,
      hint: count,
    },
  ]
})
const box = useTemplateRef<HTMLElement>('box')
/** The columns as they stood when a handle was taken up, so that they do not run from the hand. */
let grip: RailGeometry | null = null

function take(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  grip = props.geometry
}
function drag(handle: Handle, event: PointerEvent) {
  if (!grip || !box.value) return
  const x = event.clientX - box.value.getBoundingClientRect().left
  moves[handle](grip.powerAt(x))
}
function release() {
  grip = null
}

function step(handle: Handle, towardsSmaller: boolean) {
  if (handle === 'cut') return moveCut(props.rail.cut + (towardsSmaller ? -1 : 1))
  const at = stops.value.indexOf(nearest(stops.value, props.rail.beam))
  const next = stops.value[at + (towardsSmaller ? -1 : 1)]
  if (next !== undefined) moveBeam(next)
}
const arrows: Record<string, boolean> = {
  ArrowRight: true,
  ArrowDown: true,
  ArrowLeft: false,
  ArrowUp: false,
}
function press(handle: Handle, event: KeyboardEvent) {
  const towardsSmaller = arrows[event.key]
  if (towardsSmaller === undefined) return
  event.preventDefault()
  step(handle, towardsSmaller)
}
</script>

<template>
  <div ref="box" class="handles">
    <div
      v-for="{ handle, at, isLoose, name, title, most, now, says, hint } in handles"
      :key="handle"
      class="handle"
      :class="[handle, { loose: isLoose }]"
      :style="leftOf(at)"
      tabindex="0"
      role="slider"
      :aria-label="`${name}: ${title}`"
      :title="words.help({ handle, what: title })"
      :aria-valuemin="0"
      :aria-valuemax="most"
      :aria-valuenow="now"
      :aria-valuetext="says"
      @pointerdown="take"
      @pointermove="drag(handle, $event)"
      @pointerup="release"
      @pointercancel="release"
      @keydown="press(handle, $event)"
    >
      <span class="hint">{{ hint }}</span>
    </div>
  </div>
</template>

<style scoped>
/* A box of their own: a handle that moves lays out what is in it, not all of the page. */
.handles {
  position: absolute;
  inset: 0;
  contain: layout size;
  pointer-events: none;
}

.handle {
  --tint: var(--jade);

  position: absolute;
  top: 0;
  width: 28px;
  margin-left: -14px;
  height: var(--bottom);
  contain: layout size;
  pointer-events: auto;
  cursor: ew-resize;
  touch-action: none;
  outline: none;
}

.cut {
  --tint: var(--rosewood);

  top: var(--head);
  height: calc(100% - var(--head));
}

.handle::before {
  position: absolute;
  top: 12px;
  bottom: 0;
  left: 13px;
  border-left: 2px solid var(--tint);
  content: '';
}

.cut::before {
  top: -4px;
  bottom: 18px;
}

.loose::before {
  border-left-style: dashed;
}

.handle::after {
  position: absolute;
  top: 1px;
  left: 3px;
  width: 22px;
  height: 16px;
  border: 1.5px solid var(--sheet);
  border-radius: 50%;
  background: var(--tint);
  content: '';
}

.cut::after {
  top: auto;
  bottom: 4px;
}

.handle:focus-visible::after {
  border: 3px solid var(--ink);
}

.hint {
  position: absolute;
  top: 0;
  left: 29px;
  width: 140px;
  height: 18px;
  contain: layout size;
  color: var(--ink-soft);
  font-size: var(--text-small);
  line-height: 18px;
  white-space: nowrap;
  pointer-events: none;
}

.cut .hint {
  top: auto;
  bottom: 3px;
}
</style>
