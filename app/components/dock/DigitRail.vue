<script setup lang="ts">
import type { FullStyle, Style } from '~~/core/style/fields'
import { superscript } from '~~/core/label/write'
import { ladderOf } from '~~/core/ladders/find'
import { decimalsText } from '~~/core/style/decimals'
import { beamStops, powerText, type Rail, type RailDigit, type RailRow, withBeam, withCut } from '~/desk/rail'

const props = defineProps<{ rail: Rail; style: FullStyle; width: number }>()
const emit = defineEmits<{ change: [what: string, patch: Style] }>()

const NAMES = 112
/** Room at the rows' ends for the label, what it reads back as, and how far off that is. */
const CHARACTER = 7.6
const LEAST_ROOM = 96
const AFTER_DIGITS = 24
const HEAD = 40
const ROW = 24
const FOOT = 26
const WIDEST_COLUMN = 30
const NARROWEST_COLUMN = 11

const roomFor = (texts: readonly string[]) => Math.max(LEAST_ROOM, (Math.max(...texts.map((text) => text.length)) + 2) * CHARACTER)
const room = computed(() => ({
  label: roomFor(props.rail.rows.map(({ label }) => label)),
  said: roomFor(props.rail.rows.map(({ said }) => said)),
  off: roomFor(props.rail.rows.map(({ off }) => off)),
}))
const roomAtEnd = computed(() => room.value.label + room.value.said + room.value.off + AFTER_DIGITS)
const count = computed(() => props.rail.high - props.rail.low + 1)
const column = computed(() => Math.max(NARROWEST_COLUMN, Math.min(WIDEST_COLUMN, (props.width - NAMES - roomAtEnd.value) / count.value)))
const right = (power: number) => NAMES + (props.rail.high - power + 1) * column.value
const middle = (power: number) => right(power) - column.value / 2
const powers = computed(() => Array.from({ length: count.value }, (_, at) => props.rail.high - at))
const bottom = computed(() => HEAD + props.rail.rows.length * ROW)
const end = computed(() => right(props.rail.low) + 16)
const saidAt = computed(() => end.value + room.value.label + room.value.said)
const offAt = computed(() => saidAt.value + room.value.off)

/** Names over the columns: the rungs, the units, and a power every third column else. */
function nameOf(power: number): string {
  if (power === 0) return '1'
  const rung = ladderOf(props.style.ladder).rungs.find((one) => one.power === power)
  if (rung && props.style.notation !== 'scientific') return rung.symbol
  return power % 3 === 0 ? `10${superscript(power)}` : ''
}

const STATES = ['pad', 'kept', 'decides', 'dropped'] as const
const shown = (row: RailRow, state: RailDigit['state']) => row.digits.filter((digit) => digit.state === state && digit.power >= props.rail.low && digit.power <= props.rail.high)
const shows = (row: RailRow, state: RailDigit['state']) => shown(row, state).length > 0
/** One text a state and row, with a place for each of its digits: far fewer elements to lay out. */
const places = (row: RailRow, state: RailDigit['state']) => shown(row, state).map(({ power }) => middle(power)).join(' ')
const digitsOf = (row: RailRow, state: RailDigit['state']) => shown(row, state).map(({ digit }) => digit).join('')

const stops = computed(() => beamStops(props.style, props.rail))
const nearest = (choices: readonly number[], power: number) => choices.reduce((best, one) => (Math.abs(one - power) < Math.abs(best - power) ? one : best))
const decimals = computed(() => Math.max(0, props.rail.beam - props.rail.cut))

function moveBeam(power: number) {
  const stop = nearest(stops.value, power)
  if (stop !== props.rail.beam || !props.rail.beamIsShared) emit('change', `Put the beam at ${powerText(stop, props.style)}`, withBeam(props.style, stop))
}
function moveCut(power: number) {
  const kept = Math.min(props.rail.beam, power)
  if (kept !== props.rail.cut) emit('change', `Cut to ${decimalsText(props.rail.beam - kept)}`, withCut(props.style, props.rail.beam, kept))
}

type Handle = 'beam' | 'cut'
const moves: Record<Handle, (power: number) => void> = { beam: moveBeam, cut: moveCut }
const svg = useTemplateRef<SVGSVGElement>('svg')
/** The columns as they stood when a handle was taken up, so that they do not run from the hand. */
let grip: { high: number; column: number } | null = null

function take(event: PointerEvent) {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  grip = { high: props.rail.high, column: column.value }
}
function drag(handle: Handle, event: PointerEvent) {
  if (!grip || !svg.value) return
  const x = event.clientX - svg.value.getBoundingClientRect().left
  moves[handle](grip.high + 1 - Math.round((x - NAMES) / grip.column))
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
const arrows: Record<string, boolean> = { ArrowRight: true, ArrowDown: true, ArrowLeft: false, ArrowUp: false }
function press(handle: Handle, event: KeyboardEvent) {
  const towardsSmaller = arrows[event.key]
  if (towardsSmaller === undefined) return
  event.preventDefault()
  step(handle, towardsSmaller)
}
</script>

<template>
  <svg ref="svg" class="rail" :width="width" :height="bottom + FOOT" role="group" aria-label="Rail: digits of telling values">
    <g aria-hidden="true">
      <g v-for="power in powers" :key="power">
        <rect v-if="Math.floor(power / 3) % 2 === 0" :x="right(power) - column" :y="HEAD - 4" :width="column" :height="bottom - HEAD + 8" class="band" />
        <text :x="middle(power)" :y="HEAD - 10" text-anchor="middle" class="power">{{ nameOf(power) }}</text>
      </g>
      <text :x="end" :y="HEAD - 10" class="power">written</text>
      <text :x="saidAt" :y="HEAD - 10" text-anchor="end" class="power">read as</text>
      <text :x="offAt" :y="HEAD - 10" text-anchor="end" class="power">off by</text>
      <g v-for="(row, at) in rail.rows" :key="at" :transform="`translate(0 ${HEAD + at * ROW})`">
        <text x="0" :y="ROW - 7" class="name">{{ row.name }}</text>
        <line :x1="NAMES" :x2="right(rail.low)" :y1="ROW - 1" :y2="ROW - 1" class="rod" />
        <text v-if="row.negative" :x="right(row.digits[0]!.power) - column * 1.3" :y="ROW - 7" text-anchor="middle" class="digit kept">−</text>
        <circle v-if="shows(row, 'decides')" :cx="middle(row.cut - 1)" :cy="ROW - 11.5" :r="Math.min(10, column / 2)" class="deciding" />
        <text v-for="state in STATES" :key="state" :x="places(row, state)" :y="ROW - 7" text-anchor="middle" :class="['digit', state]">{{ digitsOf(row, state) }}</text>
        <circle v-if="!rail.beamIsShared" :cx="right(row.mark)" :cy="ROW - 8" r="2.5" class="own-mark" />
        <line :x1="right(rail.low) + 4" :x2="end - 4" :y1="ROW - 11.5" :y2="ROW - 11.5" class="lead" />
        <text :x="end" :y="ROW - 7" class="written" :data-rail="row.name">{{ row.label }}</text>
        <text :x="saidAt" :y="ROW - 7" text-anchor="end" class="said">{{ row.said }}</text>
        <text :x="offAt" :y="ROW - 7" text-anchor="end" class="off">{{ row.off || '–' }}</text>
      </g>
    </g>
    <g
      class="handle beam" :class="{ loose: !rail.beamIsShared }" tabindex="0" role="slider" aria-label="Beam: where the decimal mark stands"
      :aria-valuemin="0" :aria-valuemax="stops.length - 1" :aria-valuenow="Math.max(0, stops.indexOf(rail.beam))"
      :aria-valuetext="rail.beamIsShared ? powerText(rail.beam, style) : `each label its own, the largest in ${powerText(rail.beam, style)}`"
      @pointerdown="take" @pointermove="drag('beam', $event)" @pointerup="release" @pointercancel="release" @keydown="press('beam', $event)"
    >
      <rect :x="right(rail.beam) - 14" y="0" width="28" :height="bottom" class="reach" />
      <line :x1="right(rail.beam)" :x2="right(rail.beam)" y1="12" :y2="bottom" />
      <ellipse :cx="right(rail.beam)" cy="9" rx="11" ry="8" />
      <title>The beam: where the decimal mark stands. Drag it, or use the arrow keys.</title>
    </g>
    <g
      class="handle cut" tabindex="0" role="slider" aria-label="Cut: the last digit written"
      :aria-valuemin="0" :aria-valuemax="100" :aria-valuenow="decimals" :aria-valuetext="decimalsText(decimals)"
      @pointerdown="take" @pointermove="drag('cut', $event)" @pointerup="release" @pointercancel="release" @keydown="press('cut', $event)"
    >
      <rect :x="right(rail.cut) - 14" :y="HEAD" width="28" :height="bottom + FOOT - HEAD" class="reach" />
      <line :x1="right(rail.cut)" :x2="right(rail.cut)" :y1="HEAD - 4" :y2="bottom + 8" />
      <ellipse :cx="right(rail.cut)" :cy="bottom + 14" rx="11" ry="8" />
      <title>The cut: the last digit written. Drag it, or use the arrow keys.</title>
    </g>
    <text :x="right(rail.beam) + 15" y="13" class="hint">{{ rail.beamIsShared ? powerText(rail.beam, style) : 'each its own' }}</text>
    <text :x="right(rail.cut) + 15" :y="bottom + 18" class="hint">{{ decimalsText(decimals) }}</text>
  </svg>
</template>

<style scoped>
.rail {
  display: block;
  font-size: 14px;
  user-select: none;
}

.band {
  fill: rgb(214 199 168 / 22%);
}

.rod {
  stroke: var(--rule-soft);
}

.power,
.name,
.hint {
  fill: var(--ink-soft);
  font-size: 12px;
}

.digit.kept {
  fill: var(--ink);
  font-weight: 600;
}

.digit.decides {
  fill: var(--rosewood);
  font-weight: 600;
}

.digit.dropped,
.digit.pad {
  fill: var(--ink-faint);
}

.digit.pad {
  opacity: 0.55;
}

.deciding {
  fill: var(--rosewood-wash);
  stroke: var(--rosewood);
}

.own-mark {
  fill: var(--jade);
}

.lead {
  stroke: var(--rule);
  stroke-dasharray: 2 2;
}

.written {
  fill: var(--ink);
  font-weight: 600;
  font-size: 15px;
}

.said {
  fill: var(--ink-soft);
}

.off {
  fill: var(--rosewood);
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
