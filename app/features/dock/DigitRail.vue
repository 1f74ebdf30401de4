<script setup lang="ts">
import { useWindowSize } from '@vueuse/core'
import type { FullStyle, Style } from '~~/core/style/fields'
import { decimalsText } from '~~/core/style/decimals'
import { isPowered } from '~~/core/style/phrases'
import {
  headsOf,
  LOW_ROW,
  LOW_WINDOW,
  railMeasures,
  type RailGeometry,
  railGeometry,
  ROW,
  spokenRows,
  spotsOf,
} from './railGeometry'
import { beamStops, powerText, type Rail, withBeam, withCut } from './rail'

/** The rail and the style come by getters: a move draws them anew, not what the rail stands in. */
const props = defineProps<{ railNow: () => Rail; styleNow: () => FullStyle; width: number }>()
const emit = defineEmits<{ change: [what: string, patch: Style] }>()

const rail = computed(() => props.railNow())
const style = computed(() => props.styleNow())
const { height: windowHeight } = useWindowSize()
/** In low windows the page needs the room. */
const rowHeight = computed(() => (windowHeight.value < LOW_WINDOW ? LOW_ROW : ROW))
const measures = structuralComputed(() => railMeasures(rail.value, props.width, rowHeight.value))
const places = computed(() => railGeometry(measures.value))
const ladder = computed(() => (isPowered(style.value) ? null : style.value.ladder))
const heads = computed(() => headsOf(measures.value, ladder.value))
const names = structuralComputed(() => rail.value.rows.map(({ name }) => name))
const spots = computed(() => spotsOf(rail.value, measures.value, places.value))
const leftOf = (power: number) => `left:${places.value.right(power)}px`
const lengths = computed(() => {
  const { rowHeight: row, label, said, off } = measures.value
  const { circle, head, bottom, height } = places.value
  return Object.entries({
    width: props.width,
    height,
    '--row': row,
    '--label': label,
    '--said': said,
    '--off': off,
    '--circle': circle,
    '--head': head,
    '--bottom': bottom,
  })
    .map(([name, pixels]) => `${name}:${pixels}px`)
    .join(';')
})

/** Nobody hears the rows while they change. */
const REST = 250
const inWords = debouncedComputed(() => spokenRows(rail.value), REST)

const stops = computed(() => beamStops(style.value, rail.value))
const nearest = (choices: readonly number[], power: number) =>
  choices.reduce((best, one) => (Math.abs(one - power) < Math.abs(best - power) ? one : best))
const decimals = computed(() => Math.max(0, rail.value.beam - rail.value.cut))

function moveBeam(power: number) {
  const stop = nearest(stops.value, power)
  if (stop !== rail.value.beam || !rail.value.beamIsShared)
    emit('change', `Put the beam at ${powerText(stop, style.value)}`, withBeam(style.value, stop))
}
function moveCut(power: number) {
  const kept = Math.min(rail.value.beam, power)
  if (kept !== rail.value.cut)
    emit(
      'change',
      `Cut to ${decimalsText(rail.value.beam - kept)}`,
      withCut(style.value, rail.value.beam, kept),
    )
}

type Handle = 'beam' | 'cut'
const moves: Record<Handle, (power: number) => void> = { beam: moveBeam, cut: moveCut }
/** How the handles stand, and what is said of them. */
const handles = computed(() => {
  const { beam, beamIsShared, cut } = rail.value
  const [rung, count] = [powerText(beam, style.value), decimalsText(decimals.value)]
  return [
    {
      handle: 'beam' as const,
      name: 'Beam',
      title: 'where the decimal mark stands',
      at: beam,
      isLoose: !beamIsShared,
      most: stops.value.length - 1,
      now: Math.max(0, stops.value.indexOf(beam)),
      says: beamIsShared ? rung : `each label its own, the largest in ${rung}`,
      hint: beamIsShared ? rung : 'each its own',
    },
    {
      handle: 'cut' as const,
      name: 'Cut',
      title: 'the last digit written',
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
  grip = places.value
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
  if (handle === 'cut') return moveCut(rail.value.cut + (towardsSmaller ? -1 : 1))
  const at = stops.value.indexOf(nearest(stops.value, rail.value.beam))
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
  <div
    ref="box"
    class="rail"
    role="group"
    aria-label="Rail: digits of telling values"
    :style="lengths"
  >
    <RailGround :places="places" :heads="heads" :names="names" :width="width" />
    <div class="face" role="img" :aria-label="inWords">
      <div class="spots" aria-hidden="true">
        <span
          v-for="{ place, text, manner, left, top } in spots"
          :key="place"
          v-memo="[text, manner, left, top]"
          :class="manner"
          :style="`left:${left}px;top:${top}px`"
          >{{ text }}</span
        >
      </div>
    </div>
    <div class="handles">
      <div
        v-for="{ handle, at, isLoose, name, title, most, now, says, hint } in handles"
        :key="handle"
        class="handle"
        :class="[handle, { loose: isLoose }]"
        :style="leftOf(at)"
        tabindex="0"
        role="slider"
        :aria-label="`${name}: ${title}`"
        :title="`The ${handle}: ${title}. Drag it, or use the arrow keys.`"
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
  </div>
</template>

<style scoped>
.rail {
  position: relative;
  contain: layout size;
  user-select: none;
}

.face {
  position: absolute;
  inset: 0;
  isolation: isolate;
  font-weight: 600;
}

/* The size of each is given, so that a text in it lays out nothing else. */
.spots > span {
  position: absolute;
  width: var(--circle);
  height: var(--circle);
  contain: layout size;
  line-height: var(--circle);
  white-space: nowrap;
  text-align: center;
  border-radius: 50%;
}

.spots > .absent {
  visibility: hidden;
}

.spots > .decides {
  background: var(--rosewood-wash);
  box-shadow: 0 0 0 1px var(--rosewood);
  color: var(--rosewood);
}

/* Colours that are seen through, not elements: those would each be a layer. */
.spots > .dropped {
  color: color-mix(in srgb, var(--ink-faint) 80%, transparent);
}

.spots > .pad {
  color: color-mix(in srgb, var(--ink-faint) 50%, transparent);
}

.spots > .label,
.spots > .said,
.spots > .off {
  width: var(--label);
  height: calc(var(--bottom) - var(--head));
  line-height: var(--row);
  white-space: pre;
  text-align: start;
}

.spots > .said {
  width: var(--said);
  margin-left: calc(-1 * var(--said));
  text-align: end;
  color: var(--ink-soft);
}

.spots > .off {
  width: var(--off);
  margin-left: calc(-1 * var(--off));
  text-align: end;
  color: var(--rosewood);
}

.spots > .point {
  width: 5px;
  height: 5px;
  margin: -10px 0 0 -2.5px;
  background: var(--jade);
}

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
