<script setup lang="ts">
import { extremesOf } from '~~/core/data/extremes'
import { decimal } from '~~/core/decimal/decimal'
import { resolve } from '~~/core/label/resolve'
import type { FieldName, Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import type { Subject } from '~~/core/checks/types'
import type { PartView } from '~~/shared/proof/view'
import { type Choice, sentenceOf } from '~/features/dock/choices'
import { samplesOf, useChoices } from '~/features/dock/useChoices'
import { useLocaleTables } from '~/stores/localeTables'
import { words as catalogue } from '~~/words'

const words = catalogue.proofread.proofMend

/** The labels of a part in hand: the sentence and the rail of how they are written. */
const props = defineProps<{
  part: PartView
  style: Style
  /** What its labels become; null where the style cannot write them. */
  next: readonly string[] | null
  isSame: boolean
  /** How much is found with the new labels; null while that is worked out. */
  left: number | null
}>()
const MOST_SHOWN = 200
const changes = computed(() =>
  props.part.labels
    .slice(0, MOST_SHOWN)
    .map(({ text }, at) => ({ now: text, then: props.next?.[at] ?? '' })),
)
const emit = defineEmits<{ change: [style: Style]; apply: []; cancel: [] }>()

const regions = useLocaleTables()
const values = computed(() => props.part.labels.map(({ value }) => decimal(value)))
const step = computed(() => (props.part.step ? decimal(props.part.step) : undefined))
const context = computed(() => ({
  ...regions.loaded,
  values: props.part.labels.map(({ value }) => value),
  step: step.value,
}))
const full = computed(() => inherit(props.style))
const plan = computed(() => resolve(props.style, context.value))
const extremes = computed(() => extremesOf(values.value))
const { choices, typed, prepare } = useChoices(() => ({
  style: full.value,
  samples: samplesOf(extremes.value),
  context: context.value,
  more: {},
}))
const phrases = computed(() => sentenceOf(full.value, inherit(props.part.style)))
async function set(patch: Style) {
  const next = { ...props.style, ...patch }
  await regions.load([next])
  emit('change', next)
}
const choose = (_: string, { patch }: Choice) => set(patch)
const takeBack = (field: FieldName) => set({ [field]: props.part.style[field] } as Style)
const SURFACES = { axis: 'axis', marks: 'marks', column: 'table' } as const
const subject = (): Subject => ({
  surface: SURFACES[props.part.kind],
  style: { locale: full.value.locale, unit: full.value.unit, factor: full.value.factor },
  values: values.value,
  step: step.value,
  context: context.value,
})
const isAsked = ref(false)
</script>

<template>
  <section class="mend" :aria-label="words.style">
    <div class="head">
      <StyleSentence
        :subject="words.part({ part: part.title })"
        :phrases="phrases"
        :choices="choices"
        :typed="typed"
        :origin="() => 'builtIn'"
        :wider="[]"
        @choose="choose"
        @open="prepare"
        @take-back="takeBack"
      />
      <span class="do">
        <Button
          size="small"
          variant="outlined"
          :label="words.suggestions"
          @click="isAsked = !isAsked"
        />
        <Button size="small" variant="text" :label="words.cancel" @click="emit('cancel')" />
        <Button size="small" :label="words.apply" :disabled="isSame" @click="emit('apply')" />
      </span>
    </div>
    <p class="soft" role="status">
      {{
        isSame
          ? words.unchanged
          : left === null
            ? ''
            : words.remaining({ part: part.title, count: left })
      }}
    </p>
    <SuggestList
      v-if="isAsked"
      :subject="subject"
      :where="part.title"
      @take="(style) => set(style)"
    />
    <div v-else class="work">
      <RailBox
        :extremes="() => extremes"
        :plan="() => plan"
        :written="() => full"
        @change="(_, patch) => set(patch)"
      >
        <p class="soft">{{ words.noNumbers }}</p>
      </RailBox>
      <table class="changes">
        <thead>
          <tr>
            <th scope="col">{{ words.before }}</th>
            <th scope="col">{{ words.after }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="({ now, then }, at) in changes" :key="at">
            <td>{{ now }}</td>
            <td :class="{ other: now !== then }">{{ then }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.mend {
  display: grid;
  gap: var(--gap-2);
  padding: var(--gap-3) var(--gap-5);
  border-top: 1px solid var(--rule);
  background: var(--paper);
}

.head {
  display: flex;
  gap: var(--gap-4);
  align-items: start;
  justify-content: space-between;
}

.work {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--gap-5);
}

.changes {
  display: block;
  overflow: auto;

  /* As high as the rail, however many they are. */
  height: 0;
  min-width: 220px;
  min-height: 100%;
  font-size: var(--text-small);
}

.changes th {
  color: var(--ink-soft);
  font-weight: 400;
}

.changes :is(th, td) {
  padding: 0 var(--gap-3);
  text-align: right;
  white-space: pre;
}

.other {
  color: var(--jade);
  font-weight: 600;
}

.do {
  display: flex;
  flex: none;
  gap: var(--gap-2);
}
</style>
