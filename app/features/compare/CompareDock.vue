<script setup lang="ts">
import { extremesOf } from '~~/core/data/extremes'
import type { FieldName, Style } from '~~/core/style/fields'
import type { Comparing } from './useCompare'
import { type Choice, sentenceOf } from '~/features/dock/choices'
import { samplesOf, useChoices } from '~/features/dock/useChoices'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.compareDock

/** The style in hand among those compared, with its own sentence and rail. */
const props = defineProps<{ comparing: Comparing; hand: number }>()
const study = useStudy()

const column = computed(() => props.comparing.columns.value[props.hand]!)
const extremes = computed(() =>
  extremesOf(props.comparing.values.value.filter((value) => value !== null)),
)
const onRail = {
  extremes: () => extremes.value,
  plan: () => column.value.plan,
  written: () => column.value.style,
}
const phrases = computed(() => sentenceOf(column.value.style, props.comparing.base.value))
const { choices, typed, prepare } = useChoices(() => ({
  style: column.value.style,
  samples: samplesOf(extremes.value),
  context: props.comparing.context.value,
  more: { ladder: study.document?.ladders ?? [] },
}))
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
  <section class="dock" :aria-label="words.current">
    <StyleSentence
      :subject="words.style({ number: hand + 1 })"
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
