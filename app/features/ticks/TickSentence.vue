<script setup lang="ts">
import { type Decimal, parseDecimal, toText } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import type { TickWishes } from '~~/shared/study/chart'
import type { Drawing } from '~~/shared/forms/types'
import { LIMITS, POWERS, powersOf } from './ruler'

/** Where the ticks stand, as a sentence whose phrases are the controls. */
const props = defineProps<{
  title: string
  wishes: TickWishes
  drawing: Drawing
  width: number
  fontSize: number
}>()
const emit = defineEmits<{
  change: [what: string, wishes: TickWishes]
  counted: [multipleOf: string | undefined]
  width: [width: number]
  fontSize: [size: number]
}>()

const set = (what: string, patch: TickWishes) => emit('change', what, { ...props.wishes, ...patch })
const setStep = (step: string | undefined) =>
  set(step ? `Step by ${step}` : 'Let the step be round', { step })
const setCount = (text: string | undefined) =>
  set(text ? `About ${text} ticks` : 'As many ticks as have room', {
    count: text ? Number(text) : undefined,
    step: undefined,
  })
function setDomain(end: 0 | 1, text: string | undefined) {
  const found = props.drawing.domain.map(toText) as [string, string]
  const domain: [string, string] = [...(props.wishes.domain ?? found)]
  domain[end] = text ?? found[end]
  set(`Ticks from ${domain[0]} to ${domain[1]}`, {
    domain: domain.join() === found.join() ? undefined : domain,
  })
}
const asNumber = (text: string) =>
  parseDecimal(text)
    ? ''
    : 'An end is a number, such as 0 or -2.5e6; leave it empty for the end of the data.'
const between =
  ([least, most]: readonly [number, number], what: string) =>
  (text: string) =>
    /^\d+$/.test(text) && Number(text) >= least && Number(text) <= most
      ? ''
      : `${what} is a whole number from ${least} to ${most}.`

/** A number as it is typed, with its groups. */
const grouped = (text: string | undefined) => {
  const read: Decimal | null = text === undefined ? null : parseDecimal(text)
  return read ? plainly(read) : text
}
const endChoices = [
  { id: 'loose', title: 'around its ends' },
  { id: 'tight', title: 'inside its ends' },
] as const
const NUMBERS = 'numbers'
const constants = [
  { id: NUMBERS, title: 'numbers' },
  { id: 'pi', title: 'parts of π' },
  { id: 'tau', title: 'parts of τ' },
  { id: 'e', title: 'parts of e' },
  ...Object.entries(POWERS).map(([id, { title }]) => ({ id, title })),
]
const counted = computed(() => props.wishes.multipleOf ?? powersOf(props.wishes) ?? NUMBERS)
const isPowers = computed(() => powersOf(props.wishes) !== undefined)
</script>

<template>
  <p class="sentence">
    Ticks of <strong>{{ title }}</strong>{{ ' ' }}
    <template v-if="!isPowers"
      >every
      <StepInput
        :step="grouped(wishes.step)"
        :found="grouped(drawing.ticks.step ?? '') ?? ''"
        :is-fraction="wishes.multipleOf !== undefined"
        @change="setStep"
    /></template>
    (about
    <TypedField
      :value="wishes.count === undefined ? undefined : String(wishes.count)"
      :placeholder="String(drawing.ticks.values.length)"
      label="Wanted ticks"
      :check="between(LIMITS.count, 'A count')"
      @change="setCount"
    />
    of them) from
    <TypedField
      :value="grouped(wishes.domain?.[0])"
      :placeholder="plainly(drawing.domain[0])"
      label="First end"
      :check="asNumber"
      @change="setDomain(0, $event)"
    />
    to
    <TypedField
      :value="grouped(wishes.domain?.[1])"
      :placeholder="plainly(drawing.domain[1])"
      label="Last end"
      :check="asNumber"
      @change="setDomain(1, $event)"
    />,
    <PhraseSelect
      :value="wishes.ends ?? 'loose'"
      :options="endChoices"
      label="Ends"
      @change="
        set($event === 'loose' ? 'Ticks around the ends' : 'Ticks inside the ends', {
          ends: $event,
        })
      "
    />, counted in
    <PhraseSelect
      :value="counted"
      :options="constants"
      label="Counted in"
      @change="emit('counted', $event === NUMBERS ? undefined : $event)"
    />, on
    <TypedField
      :value="String(width)"
      placeholder="560"
      label="Length of the axis in pixels"
      :check="between(LIMITS.width, 'A length')"
      @change="$event && emit('width', Number($event))"
    />
    pixels in type of
    <TypedField
      :value="String(fontSize)"
      placeholder="12"
      label="Font size in pixels"
      :check="between(LIMITS.fontSize, 'A font size')"
      @change="$event && emit('fontSize', Number($event))"
    />
  </p>
</template>
