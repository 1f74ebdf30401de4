<script setup lang="ts">
import { compare, magnitudeOf, subtract } from '~~/core/decimal/arithmetic'
import { type Decimal, parseDecimal, toText } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import type { Span } from '~~/core/ticks/linear'
import { numberStep as numberStepOf } from '~~/shared/page/axis'
import { type ShownUnit, stepRecorded, stepShown } from '~~/core/ticks/shown'
import { FRACTIONS, nextFraction, nextStep, LIMITS, nudged, stepNear, valueAlong } from './ruler'
import { words as catalogue } from '~~/words'

const words = catalogue.ticks.rulerHandles

/** What is taken hold of on the ruler: its ends, its step, how many ticks it has and its length. */
const props = defineProps<{
  reach: Span
  domain: Span
  values: readonly Decimal[]
  step: string | null
  /** How many ticks are wanted, where that is what decides. */
  count: number | undefined
  multipleOf: string | undefined
  /** The unit that the axis shows, where that is not the recorded one: steps are round in it. */
  unit: ShownUnit | undefined
  /** Whether ticks stand at powers: then it has no step, and its ends are typed. */
  isPowers: boolean
  width: number
  x: (value: Decimal) => number
  pad: number
  head: number
}>()
const emit = defineEmits<{
  domain: [domain: [string, string]]
  step: [step: string]
  count: [count: number]
  width: [width: number]
}>()

const [SMALL_MOVE, LARGE_MOVE] = [1, 10]
const WIDTH_MOVE = 20
const [LEAST_WIDTH, MOST_WIDTH] = LIMITS.width
const [LEAST_COUNT, MOST_COUNT] = [2, LIMITS.count[1]]
/** Pixels of a drag that are worth a tick. */
const TICK_DRAG = 24
const ends = computed(() => [toText(props.domain[0]), toText(props.domain[1])] as [string, string])
/** A step in the unit that the axis shows, and back. */
const inShown = (step: Decimal) => parseDecimal(stepShown(toText(step), props.unit))!
const recorded = (step: string) => stepRecorded(step, props.unit)
const numberStep = computed(() => {
  const step = numberStepOf(props, props)
  return step && inShown(step)
})

function setEnd(end: 0 | 1, text: string) {
  const next: [string, string] = end === 0 ? [text, ends.value[1]] : [ends.value[0], text]
  // An end stays on its side of the other.
  const [a, b] = next.map((one) => parseDecimal(one)!) as [Decimal, Decimal]
  if (Math.sign(compare(a, b)) === Math.sign(compare(...props.domain))) emit('domain', next)
}
function setWidth(width: number) {
  emit('width', Math.round(Math.min(MOST_WIDTH, Math.max(LEAST_WIDTH, width))))
}
const wanted = computed(() => props.count ?? props.values.length)
function setCount(count: number) {
  const next = Math.min(MOST_COUNT, Math.max(LEAST_COUNT, count))
  if (next !== props.count) emit('count', next)
}
function setStepTo(size: Decimal) {
  if (size.coefficient > 0n && numberStep.value) emit('step', recorded(stepNear(inShown(size))))
}
function moveStep(isUp: boolean) {
  if (props.step === null) return
  const next = numberStep.value ? nextStep(numberStep.value, isUp) : null
  emit('step', next === null ? nextFraction(props.step, isUp) : recorded(next))
}

interface Handle {
  readonly id: keyof typeof words.names
  readonly text: string
  readonly at: number
  readonly now: number
  readonly most: number
  /** @param along how far along the ruler as it stood when the handle was taken */
  drag(along: number, reach: Span): void
  press(isUp: boolean, isLarge: boolean): void
}
const endHandle = (end: 0 | 1): Handle => ({
  id: end === 0 ? 'begin' : 'end',
  text: plainly(props.domain[end]),
  at: props.x(props.domain[end]),
  now: Math.round(props.x(props.domain[end])),
  most: Math.round(props.width + 2 * props.pad),
  drag: (along, reach) => setEnd(end, valueAlong(along, reach)),
  press: (isUp, isLarge) =>
    setEnd(
      end,
      nudged(
        props.domain[end],
        props.domain,
        (isUp ? 1 : -1) * (isLarge ? LARGE_MOVE : SMALL_MOVE),
      ),
    ),
})
const handles = computed<Handle[]>(() => {
  const [first, second] = props.values
  const step: Handle[] =
    first && second
      ? [
          {
            id: 'step',
            text: numberStep.value ? plainly(numberStep.value) : (props.step ?? ''),
            at: props.x(second),
            now: Math.max(0, FRACTIONS.indexOf(props.step ?? '')),
            most: FRACTIONS.length,
            drag: (along, reach) =>
              setStepTo(magnitudeOf(subtract(parseDecimal(valueAlong(along, reach))!, first))),
            press: (isUp) => moveStep(isUp),
          },
        ]
      : []
  return [
    ...(props.isPowers ? [] : [endHandle(0), endHandle(1), ...step]),
    {
      id: 'count',
      text: words.ticks({ count: wanted.value }),
      at: props.pad + props.width,
      now: wanted.value,
      most: MOST_COUNT,
      drag: (along) =>
        setCount(grip!.count + Math.round(((along - grip!.along) * grip!.width) / TICK_DRAG)),
      press: (isUp) => setCount(wanted.value + (isUp ? 1 : -1)),
    },
    {
      id: 'length',
      text: `${props.width} px`,
      at: props.pad + props.width,
      now: props.width,
      most: MOST_WIDTH,
      drag: (along) => setWidth(along * grip!.width),
      press: (isUp, isLarge) =>
        setWidth(props.width + (isUp ? 1 : -1) * (isLarge ? 5 : 1) * WIDTH_MOVE),
    },
  ]
})

/** The ruler as it stood when a handle was taken up, so that it does not run from the hand. */
let grip: { reach: Span; width: number; left: number; along: number; count: number } | null = null
function take(handle: Handle, event: PointerEvent) {
  ;(event.currentTarget as SVGGElement).setPointerCapture(event.pointerId)
  // A handle stays as far from the hand as it was taken hold of.
  grip = {
    reach: props.reach,
    width: props.width,
    left: event.clientX - (handle.at - props.pad),
    along: (handle.at - props.pad) / props.width,
    count: wanted.value,
  }
}
function drag(handle: Handle, event: PointerEvent) {
  if (grip) handle.drag((event.clientX - grip.left) / grip.width, grip.reach)
}
function release() {
  grip = null
}
const arrows: Record<string, boolean> = {
  ArrowRight: true,
  ArrowUp: true,
  PageUp: true,
  ArrowLeft: false,
  ArrowDown: false,
  PageDown: false,
}
function press(handle: Handle, event: KeyboardEvent) {
  const isUp = arrows[event.key]
  if (isUp === undefined) return
  event.preventDefault()
  handle.press(isUp, event.shiftKey || event.key.startsWith('Page'))
}
</script>

<template>
  <g
    v-for="handle in handles"
    :key="handle.id"
    :class="['handle', handle.id]"
    :transform="`translate(${handle.at} 0)`"
    tabindex="0"
    role="slider"
    :aria-label="words.names[handle.id]"
    :aria-valuemin="0"
    :aria-valuemax="handle.most"
    :aria-valuenow="handle.now"
    :aria-valuetext="handle.text"
    @pointerdown="take(handle, $event)"
    @pointermove="drag(handle, $event)"
    @pointerup="release"
    @pointercancel="release"
    @keydown="press(handle, $event)"
  >
    <template v-if="handle.id === 'length'">
      <rect x="6" :y="head - 4" width="16" height="24" class="reach" />
      <path :d="`M 10 ${head} v 14 M 14 ${head} v 14`" />
      <text x="20" :y="head + 11">{{ handle.text }}</text>
    </template>
    <template v-else-if="handle.id === 'count'">
      <rect x="4" :y="head - 26" width="52" height="20" class="reach" />
      <path :d="`M 8 ${head - 20} v 8 M 12 ${head - 20} v 8 M 16 ${head - 20} v 8`" />
      <text x="20" :y="head - 12">{{ handle.text }}</text>
    </template>
    <template v-else>
      <rect
        x="-12"
        :y="handle.id === 'step' ? 18 : 0"
        width="24"
        :height="head - (handle.id === 'step' ? 18 : 0)"
        class="reach"
      />
      <line :y1="handle.id === 'step' ? 34 : 14" :y2="head" />
      <ellipse :cy="handle.id === 'step' ? 28 : 9" rx="9" ry="7" />
      <text
        :x="handle.id === 'end' ? -13 : 13"
        :y="handle.id === 'step' ? 32 : 13"
        :text-anchor="handle.id === 'end' ? 'end' : 'start'"
        >{{ handle.id === 'step' ? words.step({ step: handle.text }) : handle.text }}</text
      >
    </template>
    <title>{{ words.help({ name: words.names[handle.id] }) }}</title>
  </g>
</template>

<style scoped>
.handle {
  cursor: ew-resize;
  outline: none;
  touch-action: none;
}

.reach {
  fill: transparent;
}

line,
path {
  fill: none;
  stroke: var(--jade);
  stroke-width: 1.5;
}

ellipse {
  fill: var(--jade);
}

text {
  fill: var(--ink-soft);
  font-size: var(--text-small);
}

.step line {
  stroke: var(--rosewood);
}

.step ellipse {
  fill: var(--rosewood);
}

.length path,
.count path {
  stroke: var(--ink-soft);
  stroke-width: 2;
}

.handle:focus-visible ellipse,
.handle:focus-visible path {
  stroke: var(--ink);
  stroke-width: 3;
}
</style>
