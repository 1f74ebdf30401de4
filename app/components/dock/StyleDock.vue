<script setup lang="ts">
import { refDebounced, useElementSize } from '@vueuse/core'
import { tellingValues } from '~~/core/data/telling'
import { toExactText } from '~~/core/decimal/decimal'
import type { Plan } from '~~/core/label/types'
import { inherit } from '~~/core/style/inherit'
import type { FieldName, FullStyle, Style } from '~~/core/style/fields'
import { useCurrencyColumns } from '~/composables/codes'
import { type Choice, choicesOf, type Desk, sentenceOf, typedOf } from '~/desk/choices'
import { railOf } from '~/desk/rail'
import { type Drawing, numberStep } from '~/desk/drawing'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

const props = defineProps<{ drawing: Drawing; markValues: readonly string[]; plan: Plan }>()
const study = useStudy()
const regions = useRegions()

const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const style = computed(() => study.style as FullStyle)
const context = computed(() => ({ ...regions.loaded, values: props.markValues, recorded: study.quantity?.recorded ?? 0 }))
const telling = computed(() => tellingValues(props.drawing.groups.map(({ value }) => value)))
const rail = computed(() => (telling.value ? railOf(props.plan, telling.value, numberStep(props.drawing.ticks, study.quantity?.ticks ?? {})) : null))

const samples = computed(() => {
  const found = telling.value
  return found ? [found.largest, found.smallest].map(toExactText) : []
})
/** Labels follow the hand; the sentence is said anew when it rests, since a change of it sets all its lines again. */
const REST = 60
const phrases = refDebounced(computed(() => sentenceOf(style.value, inherit(study.document?.house ?? {}))), REST)
const codes = useCurrencyColumns()
const more = computed(() => ({ unit: codes.found.value.map((column) => ({ kind: 'currency', code: { column } })) }))
const desk = computed<Desk>(() => ({ style: style.value, samples: samples.value, context: context.value, more: more.value, has: regions.has }))
const choices = (field: FieldName) => choicesOf(field, desk.value)
const typed = (field: FieldName) => typedOf(field, desk.value)
/** Choices of other regions are written as soon as their tables are here; those that fail to come stay without. */
function prepare(field: FieldName) {
  if (field === 'unit') void codes.look()
  void regions.load(choices(field).map(({ patch }) => ({ ...style.value, ...patch }))).catch(() => {})
}
const choose = (name: string, choice: Choice) => study.setStyle(`${study.quantity?.title}: ${name}, ${choice.title}`, choice.patch)
const change = (what: string, patch: Style) => study.setStyle(`${study.quantity?.title}: ${what}`, patch, true)
const setStep = (step: string | undefined) => study.setTicks(step ? `Step by ${step}` : 'Let the step be round', { ...study.quantity?.ticks, step }, { moves: true })
</script>

<template>
  <section class="dock" aria-label="Style">
    <StyleSentence :subject="study.quantity?.title ?? ''" :phrases="phrases" :choices="choices" :typed="typed" @choose="choose" @open="prepare">
      <span class="lead">{{ ' a tick every ' }}</span>
      <StepInput :step="study.quantity?.ticks.step" :found="drawing.ticks.step ?? ''" :is-fraction="study.quantity?.ticks.multipleOf !== undefined" @change="setStep" />
    </StyleSentence>
    <p v-if="study.refused || drawing.trouble" class="trouble" role="alert">{{ study.refused || drawing.trouble }}</p>
    <div ref="box" class="box">
      <DigitRail v-if="rail && width > 0" :rail="rail" :style="style" :width="Math.min(width, 1180)" @change="change" />
    </div>
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

.lead {
  white-space: pre-wrap;
}

.trouble {
  color: var(--rosewood);
}

.box {
  min-width: 0;
  overflow: hidden;
}
</style>
