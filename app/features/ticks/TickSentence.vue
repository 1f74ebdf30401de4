<script setup lang="ts">
import { toText } from '~~/core/decimal/decimal'
import type { Counted } from '~~/core/ticks/counted'
import type { TickWishes } from '~~/shared/study/chart'
import type { Drawing } from '~~/shared/forms/types'
import { type ShownUnit, stepShown } from '~~/core/ticks/shown'
import { countedTitles, LIMITS, POWERS, powersOf } from './ruler'
import { words as catalogue } from '~~/words'

const words = catalogue.ticks.tickSentence

/** Where the ticks stand, as a sentence whose phrases are the controls. */
const props = defineProps<{
  title: string
  wishes: TickWishes
  /** What the axis counts, where that has steps of its own. */
  counts: Counted | undefined
  drawing: Drawing
  /** The unit that the axis shows, where that is not the recorded one. */
  shown: ShownUnit | undefined
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
  set(step ? words.stepBy({ step: stepShown(step, props.shown) }) : words.roundStep, { step })
const setCount = (text: string | undefined) =>
  set(text ? words.aboutTicks({ count: text }) : words.ticksThatFit, {
    count: text ? Number(text) : undefined,
    step: undefined,
  })
function setDomain(end: 0 | 1, text: string | undefined) {
  const found = props.drawing.domain.map(toText) as [string, string]
  const domain: [string, string] = [...(props.wishes.domain ?? found)]
  domain[end] = text ?? found[end]
  set(words.ticksFromTo({ from: domain[0], to: domain[1] }), {
    domain: domain.join() === found.join() ? undefined : domain,
  })
}
const between =
  ([least, most]: readonly [number, number], what: string) =>
  (text: string) =>
    /^\d+$/.test(text) && Number(text) >= least && Number(text) <= most
      ? ''
      : words.rangeError({ what, least, most })

const endChoices = [
  { id: 'loose', title: words.aroundData },
  { id: 'tight', title: words.insideData },
] as const
const NUMBERS = 'numbers'
const constants = [
  { id: NUMBERS, title: 'numbers' },
  { id: 'pi', title: words.partsPi },
  { id: 'tau', title: words.partsTau },
  { id: 'e', title: words.partsE },
  ...Object.entries(countedTitles).map(([id, title]) => ({ id, title })),
  ...Object.entries(POWERS).map(([id, { title }]) => ({ id, title })),
]
const counted = computed(
  () => props.wishes.multipleOf ?? props.counts ?? powersOf(props.wishes) ?? NUMBERS,
)
const isPowers = computed(() => powersOf(props.wishes) !== undefined)
</script>

<template>
  <p class="sentence">
    {{ words.ticks }} <strong>{{ title }}</strong>{{ ' ' }}
    <template v-if="!isPowers"
      >{{ words.every }}
      <StepInput
        :step="wishes.step"
        :found="drawing.ticks.step ?? ''"
        :is-fraction="wishes.multipleOf !== undefined"
        :unit="shown"
        @change="setStep"
    /></template>
    {{ words.about }}
    <TypedField
      :value="wishes.count === undefined ? undefined : String(wishes.count)"
      :placeholder="String(drawing.ticks.values.length)"
      :label="words.wantedTicks"
      :check="between(LIMITS.count, words.count)"
      @change="setCount"
    />
    {{ words.themFrom }}
    <NumberField
      :value="wishes.domain?.[0]"
      :placeholder="toText(drawing.domain[0])"
      :label="words.firstEnd"
      @change="setDomain(0, $event)"
    />
    {{ words.to }}
    <NumberField
      :value="wishes.domain?.[1]"
      :placeholder="toText(drawing.domain[1])"
      :label="words.lastEnd"
      @change="setDomain(1, $event)"
    />,
    <PhraseSelect
      :value="wishes.ends ?? 'loose'"
      :options="endChoices"
      :label="words.ends"
      @change="
        set($event === 'loose' ? words.setAround : words.setInside, {
          ends: $event,
        })
      "
    />{{ words.countedIn }}
    <PhraseSelect
      :value="counted"
      :options="constants"
      :label="words.countedInLabel"
      @change="emit('counted', $event === NUMBERS ? undefined : $event)"
    />{{ words.on }}
    <TypedField
      :value="String(width)"
      placeholder="560"
      :label="words.lengthLabel"
      :check="between(LIMITS.width, words.length)"
      @change="$event && emit('width', Number($event))"
    />
    {{ words.pixelsInType }}
    <TypedField
      :value="String(fontSize)"
      placeholder="12"
      :label="words.fontSizeLabel"
      :check="between(LIMITS.fontSize, words.fontSize)"
      @change="$event && emit('fontSize', Number($event))"
    />
  </p>
</template>
