<script setup lang="ts">
import type { ChartWishes } from '~~/shared/study/chart'
import { formOf } from '~~/shared/forms'
import type { MarkPart } from '~~/shared/forms/parts'
import { againstOf, linesOf, partsOf } from '~~/shared/page/marks'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.markPhrases

/** What a mark says and where, as the end of the chart's sentence. */
const props = defineProps<{ everything: boolean; categories: readonly string[] }>()
const study = useStudy()
// Each stays the same while a style changes.
const NO_WISHES: ChartWishes = { category: null, aggregate: 'sum' }
const chart = computed(() => study.quantity?.chart ?? NO_WISHES)
const isSpread = computed(() => chart.value.form === 'distribution')
const canTurn = computed(() => formOf(chart.value).canLie ?? false)
const hasRects = computed(() => ['columns', 'bars'].includes(chart.value.form ?? 'columns'))

const titles: Record<MarkPart, string> = {
  value: words.number,
  share: words.share,
  seriesShare: words.shareOfPanel,
  change: words.change,
  against: words.changeFromColumn,
  name: words.name,
}
const parts = Object.entries(titles).map(([id, title]) => ({ id: id as MarkPart, title }))
const numberColumns = structuralComputed(
  () =>
    study.dataset?.columns
      .filter(({ kind, name }) => kind === 'number' && name !== study.quantity?.column)
      .map(({ name }) => name) ?? [],
)
const isOffered: Record<MarkPart, () => boolean> = {
  value: () => true,
  name: () => true,
  share: () => !isSpread.value,
  change: () => !isSpread.value,
  seriesShare: () => chart.value.panels !== undefined,
  against: () => !isSpread.value && numberColumns.value.length > 0,
}
const offered = computed(() =>
  parts.filter(({ id }) => isOffered[id]() || chart.value.parts?.includes(id)),
)
const marked = computed(() => [...partsOf(chart.value)])
const against = computed(() => againstOf(chart.value))

const labelledChoices = [
  { id: false, title: 'each' },
  { id: true, title: words.fewLabels },
]
const lineChoices = [
  { id: 1, title: words.oneLine },
  { id: 2, title: words.twoLines },
] as const
/** What of the labels is one way or another; the usual one stands first of the two. */
interface Toggle {
  readonly field: 'turned' | 'small' | 'inside'
  readonly label: string
  readonly isOffered: boolean
  readonly ways: readonly [usual: string, other: string]
  /** What turning to each is called. */
  readonly steps: readonly [usual: string, other: string]
}
const toggles = computed((): readonly Toggle[] => [
  {
    field: 'turned',
    label: words.rotation,
    isOffered: canTurn.value,
    ways: [words.level, words.upright],
    steps: [words.setHorizontal, words.setRotated],
  },
  {
    field: 'small',
    label: words.size,
    isOffered: true,
    ways: [words.usualSize, words.smallSize],
    steps: [words.setUsualSize, words.setSmallSize],
  },
  {
    field: 'inside',
    label: words.placement,
    isOffered: hasRects.value,
    ways: [words.outside, words.inside],
    steps: [words.setOutside, words.setInside],
  },
])
const shownToggles = computed(() =>
  toggles.value.filter(
    ({ field, isOffered }) => (props.everything && isOffered) || chart.value[field],
  ),
)
const choicesOf = ({ ways: [usual, other] }: Toggle) => [
  { id: false, title: usual },
  { id: true, title: other },
]
const turnTo = ({ field, steps }: Toggle, isOther: boolean) =>
  set(steps[isOther ? 1 : 0], { [field]: isOther || undefined })

const CALLED = 40
/** The largest categories first, as far as anybody would choose among. */
const calloutChoices = structuralComputed(() => [
  { id: null as string | null, title: words.noCallout },
  ...props.categories
    .slice(0, CALLED)
    .map((id) => ({ id: id as string | null, title: words.calloutAt({ name: id }) })),
])

const set = study.setChart
/** The number stands first, however the others were ticked. */
const setParts = (chosen: MarkPart[]) =>
  set(words.setParts, {
    parts:
      chosen.length === 0
        ? ['value']
        : parts.map(({ id }) => id).filter((id) => chosen.includes(id)),
    ...(chosen.includes('against')
      ? { against: chart.value.against ?? numberColumns.value[0] }
      : {}),
  })
</script>

<template>
  <template v-if="!isSpread && (props.everything || chart.few)"
    ><PhraseSelect
      :value="chart.few ?? false"
      :options="labelledChoices"
      :label="words.which"
      @change="
        set($event ? words.setFewLabels : words.setAllLabels, { few: $event || undefined })
      " /></template
  ><template v-else>{{ words.each }}</template> {{ words.with }}
  <MultiSelect
    :model-value="marked"
    :options="offered"
    option-label="title"
    option-value="id"
    :aria-label="words.parts"
    class="in-text"
    :show-toggle-all="false"
    :max-selected-labels="2"
    :selected-items-label="words.severalParts"
    @update:model-value="setParts"
  />
  <template v-if="against !== undefined"
    >, {{ marked.length > 2 ? words.changeFromWhich : words.whichIs }}
    <Select
      :model-value="against"
      :options="[...numberColumns]"
      :aria-label="words.changeColumn"
      class="in-text"
      @update:model-value="set(words.setChangeColumn({ name: $event }), { against: $event })"
  /></template>
  <template v-if="marked.length > 1">
    <PhraseSelect
      :value="linesOf(chart)"
      :options="lineChoices"
      :label="words.lines"
      @change="set(words.setLines, { lines: $event })"
  /></template>
  <template v-for="toggle in shownToggles" :key="toggle.field"
    >,
    <PhraseSelect
      :value="chart[toggle.field] ?? false"
      :options="choicesOf(toggle)"
      :label="toggle.label"
      @change="turnTo(toggle, $event)"
  /></template>
  <template v-if="props.everything || chart.callout"
    >,
    <PhraseSelect
      :value="chart.callout?.at ?? null"
      :options="calloutChoices"
      :placeholder="words.noCallout"
      :label="words.callout"
      @change="
        set($event === null ? words.removeCallout : words.setCallout({ name: $event }), {
          callout: $event === null ? undefined : { at: $event },
        })
      "
  /></template>
</template>
