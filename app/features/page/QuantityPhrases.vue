<script setup lang="ts">
import { kinds as measureKinds } from '~~/core/measures/parse'
import { measureTitle } from '~~/core/measures/titles'
import type { Quantity } from '~~/shared/study/quantity'
import { useStudy } from '~/stores/study'
import { quantityPhrases as words } from './words'

/** What the numbers are, and what they are recorded in: that decides what is checked of them. */
defineProps<{ everything: boolean }>()
const study = useStudy()
const kind = computed(() => study.quantity?.kind ?? 'amount')
const measure = computed(() => study.quantity?.measure ?? null)

interface Option<Id> {
  readonly id: Id
  readonly title: string
}
const kinds: Option<NonNullable<Quantity['kind']>>[] = [
  { id: 'amount', title: words.amount },
  { id: 'count', title: 'a count' },
  { id: 'ratio', title: 'a ratio' },
  { id: 'change', title: 'a change' },
  { id: 'shares', title: words.sharesWhole },
]
const setKind = (next: NonNullable<Quantity['kind']>) =>
  study.changeQuantity(words.takeFor(kinds.find(({ id }) => id === next)!.title), (one) => ({
    ...one,
    kind: next,
  }))

/** What is measured most stands first; the rest by name. */
const USUAL = ['mass', 'length', 'area', 'volume', 'temperature', 'duration', 'speed', 'energy']
const rankOf = (kind: string): number =>
  (USUAL.indexOf(kind) + USUAL.length + 1) % (USUAL.length + 1)
/** Measures by what they measure, so that those of one kind stand together. */
const measures: Option<string | null>[] = [
  { id: null, title: words.inNoMeasure },
  ...Object.entries(measureKinds)
    .sort(([, one], [, other]) => rankOf(one) - rankOf(other) || one.localeCompare(other))
    .map(([id, of]) => ({ id, title: words.inMeasureTitle(measureTitle(id), of) })),
]
const setMeasure = (id: string | null) =>
  study.changeQuantity(
    id === null ? words.recordedInNoMeasure : words.recordedIn(measureTitle(id)),
    (one) => ({ ...one, measure: id ?? undefined }),
  )
</script>

<template>
  <PhraseSelect :value="kind" :options="kinds" :label="words.what" @change="setKind" /><template
    v-if="everything || measure"
    >{{ words.recorded }}
    <PhraseSelect
      :value="measure"
      :options="measures"
      :placeholder="words.inNoMeasure"
      :label="words.measureRecordedIn"
      searchable
      @change="setMeasure"
  /></template>
</template>
