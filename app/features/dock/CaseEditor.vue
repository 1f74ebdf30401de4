<script setup lang="ts">
import { inherit } from '~~/core/style/inherit'
import type { FieldName, Style } from '~~/core/style/fields'
import type { StyleCase } from '~~/core/style/schemas'
import { useTexts } from '~/features/data/useDistinctTexts'
import { type Choice, choicesOf, type Desk, sentenceOf } from './choices'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

/** What another wording is for, and what it changes. */
const props = defineProps<{ desk: () => Desk; edited: StyleCase }>()
const emit = defineEmits<{ change: [patch: Partial<StyleCase>, what: string] }>()
const study = useStudy()
const levels = useLevels()
const set = (patch: Partial<StyleCase>, what: string) => emit('change', patch, what)

const textColumns = computed(
  () => study.dataset?.columns.filter(({ kind }) => kind === 'text').map(({ name }) => name) ?? [],
)
const kinds = computed(() => [
  ...textColumns.value.map((name) => ({ id: name, title: `where ${name} is` })),
  { id: null, title: 'by size' },
])
const column = computed(() => ('column' in props.edited.when ? props.edited.when.column : null))
const texts = useTexts(() => column.value ?? study.quantity?.chart.category ?? textColumns.value[0])
const magnitude = computed(() =>
  'magnitude' in props.edited.when ? props.edited.when.magnitude : {},
)
const asPower = (text: string) =>
  /^-?\d{1,3}$/.test(text) ? '' : 'A power of ten is a whole number, such as 6 for a million.'
const setEnd = (end: 'from' | 'to', text: string | undefined) =>
  set(
    {
      when: {
        magnitude: { ...magnitude.value, [end]: text === undefined ? undefined : Number(text) },
      },
    },
    'set the sizes of a wording',
  )
function setKind(name: string | null) {
  void set(
    {
      when:
        name === null ? { magnitude: { from: 6 } } : { column: name, is: texts.value.slice(0, 1) },
    },
    'set what a wording is for',
  )
}

/** What a case usually changes. */
const FIELDS: readonly FieldName[] = ['notation', 'rung', 'fraction']
const ownDesk = computed<Desk>(() => ({
  ...props.desk(),
  style: inherit({ ...levels.style, cases: [] }, props.edited.use),
}))
const phrases = computed(() =>
  sentenceOf(ownDesk.value.style).filter(({ field }) => FIELDS.includes(field)),
)
const choices = computed(
  () => new Map(FIELDS.map((field) => [field, choicesOf(field, ownDesk.value)])),
)
const unitText = computed(() =>
  props.edited.use.unit?.kind === 'symbol' ? props.edited.use.unit.text : undefined,
)
function use(patch: Style, what: string) {
  const { missing: _, align: __, cases: ___, ...own } = patch
  void set({ use: { ...props.edited.use, ...own } }, what)
}
const choose = (choice: Choice | undefined) =>
  choice && use(choice.patch, `write it ${choice.title} for a case`)
const asFactor = (text: string) =>
  /^[+-]?\d+(\.\d+)?(e[+-]?\d+)?$/i.test(text) && Number(text) !== 0
    ? ''
    : 'A factor is a number that is not zero, such as 0.001.'
</script>

<template>
  <div class="editor">
    <p>
      <PhraseSelect
        :value="column"
        :options="kinds"
        placeholder="by size"
        label="What the case goes by"
        @change="setKind"
      />
      <MultiSelect
        v-if="'column' in edited.when"
        :model-value="[...edited.when.is]"
        :options="[...texts]"
        filter
        :show-toggle-all="false"
        aria-label="Categories of the case"
        class="in-text"
        :max-selected-labels="2"
        @update:model-value="
          $event.length > 0 &&
          set({ when: { column: column!, is: $event } }, 'set what a wording is for')
        "
      />
      <template v-else>
        from 10^<TypedField
          :value="magnitude.from === undefined ? undefined : String(magnitude.from)"
          placeholder="any"
          label="Least power"
          :check="asPower"
          @change="setEnd('from', $event)"
        />
        to below 10^<TypedField
          :value="magnitude.to === undefined ? undefined : String(magnitude.to)"
          placeholder="any"
          label="Power below which it ends"
          :check="asPower"
          @change="setEnd('to', $event)"
        />
      </template>
      is written
    </p>
    <p>
      <template v-for="phrase in phrases" :key="phrase.field">
        <Select
          :model-value="phrase.key"
          :options="choices.get(phrase.field)"
          option-value="key"
          option-label="title"
          :aria-label="`${phrase.name} of the case`"
          class="in-text"
          scroll-height="16rem"
          @update:model-value="
            (key: string) => choose(choices.get(phrase.field)?.find((one) => one.key === key))
          "
        >
          <template #option="{ option }"
            ><span class="choice"
              ><span>{{ option.title }}</span
              ><span class="soft">{{ option.sample }}</span></span
            ></template
          > </Select
        >{{ ' ' }}
      </template>
    </p>
    <p>
      unit
      <TypedField
        :value="unitText"
        placeholder="the same"
        label="Another unit for the case"
        :check="() => ''"
        @change="
          use(
            { unit: $event ? { kind: 'symbol', text: $event } : { kind: 'none' } },
            'another unit for a case',
          )
        "
      />
      converted by
      <TypedField
        :value="edited.use.factor"
        placeholder="1"
        label="Factor for the case"
        :check="asFactor"
        @change="use({ factor: $event ?? '1' }, 'convert a case')"
      />
    </p>
  </div>
</template>

<style scoped>
.editor {
  display: grid;
  gap: var(--gap-2);
  max-width: 34rem;
}

.choice {
  display: flex;
  gap: var(--gap-5);
  justify-content: space-between;
  width: 100%;
}

.choice .soft {
  white-space: pre;
}
</style>
