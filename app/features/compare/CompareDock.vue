<script setup lang="ts">
import { extremesOf } from '~~/core/data/extremes'
import { toExactText } from '~~/core/decimal/decimal'
import type { FieldName, Style } from '~~/core/style/fields'
import type { Comparing } from './useCompare'
import { type Choice, choicesOf, type Desk, sentenceOf, typedOf } from '~/features/dock/choices'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'

/** The style in hand among those compared, with its own sentence and rail. */
const props = defineProps<{ comparing: Comparing; hand: number }>()
const study = useStudy()
const regions = useLocaleTables()

const column = computed(() => props.comparing.columns.value[props.hand]!)
const extremes = computed(() =>
  extremesOf(props.comparing.values.value.filter((value) => value !== null)),
)
const onRail = {
  extremes: () => extremes.value,
  plan: () => column.value.plan,
  step: () => null,
  written: () => column.value.style,
}
const phrases = computed(() => sentenceOf(column.value.style, props.comparing.base.value))
const desk = computed<Desk>(() => ({
  style: column.value.style,
  samples: extremes.value ? [extremes.value.largest, extremes.value.smallest].map(toExactText) : [],
  context: props.comparing.context.value,
  more: { ladder: study.document?.ladders ?? [] },
  has: regions.has,
}))
const choices = (field: FieldName) => choicesOf(field, desk.value)
const typed = (field: FieldName) => typedOf(field, desk.value)
/**
 * Choices of other regions are written as soon as their tables are here; those that fail to come
 * stay without.
 */
const prepare = (field: FieldName) =>
  void regions
    .load(choices(field).map(({ patch }) => ({ ...column.value.style, ...patch })))
    .catch(() => {})
const own = computed(
  () => new Set(Object.keys(props.comparing.comparison.value.styles[props.hand]?.style ?? {})),
)
const origin = (field: FieldName) => (own.value.has(field) ? 'here' : 'quantity')
const choose = (name: string, choice: Choice) =>
  props.comparing.setStyle(props.hand, `${name}, ${choice.title}`, choice.patch)
const change = (what: string, patch: Style) =>
  props.comparing.setStyle(props.hand, what, patch, true)
</script>

<template>
  <section class="dock" aria-label="Style in hand">
    <StyleSentence
      :subject="`style ${hand + 1}`"
      :phrases="phrases"
      :choices="choices"
      :typed="typed"
      :origin="origin"
      :wider="[]"
      @choose="choose"
      @open="prepare"
      @take-back="comparing.takeBack(hand, $event)"
    />
    <RailBox v-bind="onRail" @change="change" />
  </section>
</template>

<style scoped>
.dock {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--gap-2);
  padding: var(--gap-3) var(--gap-5) var(--gap-3);
  background: var(--paper);
  border-top: 1px solid var(--rule);
  box-shadow: 0 -4px 16px rgb(64 50 30 / 7%);
}
</style>
