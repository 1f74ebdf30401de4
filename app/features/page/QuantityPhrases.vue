<script setup lang="ts">
import { kinds as measureKinds } from '~~/core/measures/parse'
import { measureTitle } from '~~/core/measures/titles'
import { unitColumn } from '~~/core/style/dependencies'
import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { unitByRow } from '~~/shared/page/commonUnit'
import { type UnitsByRow, unitsByRow } from '~~/shared/quantities'
import type { Quantity } from '~~/shared/study/quantity'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.quantityPhrases

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
  { id: 'shares', title: words.shares },
]
const setKind = (next: NonNullable<Quantity['kind']>) =>
  study.changeQuantity(
    words.setKind({ kind: kinds.find(({ id }) => id === next)!.title }),
    (one) => ({
      ...one,
      kind: next,
    }),
  )

/** What is measured most stands first; the rest by name. */
const USUAL = ['mass', 'length', 'area', 'volume', 'temperature', 'duration', 'speed', 'energy']
const rankOf = (kind: string): number =>
  (USUAL.indexOf(kind) + USUAL.length + 1) % (USUAL.length + 1)
/** Measures by what they measure, so that those of one kind stand together. */
const measures: Option<string | null>[] = Object.entries(measureKinds)
  .sort(([, one], [, other]) => rankOf(one) - rankOf(other) || one.localeCompare(other))
  .map(([id, of]) => ({ id, title: words.inUnit({ unit: measureTitle(id), example: of }) }))
/** A column in the list, told from the id of a measure, which has no blank. */
const keyOf = ({ column }: UnitsByRow) => `column ${column}`
const columns = useUnitColumns()
const byRow = computed(
  () => study.document && study.quantity && unitsByRow(study.document, study.quantity),
)
const naming = computed(() => {
  const found = columns.found.value
  const own = byRow.value
  return own && !found.some(({ column }) => column === own.column) ? [own, ...found] : found
})
const units = computed<Option<string | null>[]>(() => [
  { id: null, title: words.noUnit },
  ...naming.value.map((one) => ({
    id: keyOf(one),
    title: words.unitOfColumn({ column: one.column }),
  })),
  ...measures,
])
const unit = computed(() => (byRow.value ? keyOf(byRow.value) : measure.value))

/** A style whose unit is no more named by a column; by the one that is given instead. */
function withUnit({ unit: old, ...style }: Style, next: Style['unit']): Style {
  const isByColumn = old !== undefined && unitColumn(inherit({ unit: old })) !== null
  if (next) return { ...style, unit: next }
  return isByColumn || old === undefined ? style : { ...style, unit: old }
}
function setUnit(id: string | null) {
  const named = naming.value.find((one) => keyOf(one) === id)
  if (named)
    return study.changeQuantity(words.setUnitOfColumn({ column: named.column }), (one) => ({
      ...one,
      measure: undefined,
      units: named,
      style: withUnit(one.style, unitByRow(named)),
    }))
  study.changeQuantity(
    id === null ? words.setNoUnit : words.setUnit({ unit: measureTitle(id) }),
    (one) => ({
      ...one,
      measure: id ?? undefined,
      units: undefined,
      style: withUnit(one.style, undefined),
    }),
  )
}
</script>

<template>
  <PhraseSelect :value="kind" :options="kinds" :label="words.kind" @change="setKind" /><template
    v-if="everything || unit"
    >{{ words.recorded }}
    <PhraseSelect
      :value="unit"
      :options="units"
      :placeholder="words.noUnit"
      :label="words.recordedUnit"
      searchable
      @open="columns.look"
      @change="setUnit"
  /></template>
</template>
