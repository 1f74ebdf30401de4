<script setup lang="ts">
import type { Decimal } from '~~/core/decimal/decimal'
import { inherit } from '~~/core/style/inherit'
import type { FieldName, Style } from '~~/core/style/fields'
import type { StyleCase } from '~~/core/style/schemas'
import { useTexts, useTextsOf } from '~/features/data/useDistinctTexts'
import { type Choice, choicesOf, type Desk, sentenceOf } from './choices'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'
import { lettersOf } from '~~/core/units'

const words = catalogue.dock.caseEditor

/** What stands beside the columns among what a case can go by: no column is called so. */
const [BY_SIZE, BY_WIDTH] = ['\u0000size', '\u0000width']
/** CSS pixels below which a page is a phone's. */
const NARROW_PAGE = 480
const SPANS = {
  magnitude: {
    from: words.fromPower,
    toBelow: words.toBelowPower,
    unit: '',
    least: words.leastPower,
    below: words.powerBelow,
    what: words.setSizes,
    check: (text: string) => (/^-?\d{1,3}$/.test(text) ? '' : words.powerError),
  },
  width: {
    from: words.fromWidth,
    toBelow: words.toBelowWidth,
    unit: ` ${words.px}`,
    least: words.leastWidth,
    below: words.widthBelow,
    what: words.setWidths,
    check: (text: string) => (/^\d{1,5}$/.test(text) ? '' : words.widthError),
  },
}
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
  ...textColumns.value.map((name) => ({ id: name, title: words.where({ name }) })),
  { id: BY_SIZE, title: words.bySize },
  { id: BY_WIDTH, title: words.byWidth },
])
/** What stands for no column among the choices: no column has such a name. */
const kind = computed(() => {
  const { when } = props.edited
  if ('column' in when) return when.column
  return 'width' in when ? BY_WIDTH : BY_SIZE
})
const column = computed(() => ('column' in props.edited.when ? props.edited.when.column : null))
const texts = useTexts(() => column.value ?? study.quantity?.chart.category ?? textColumns.value[0])
/** A case that goes by its ends: what they are called, what they take, and where they are kept. */
const span = computed(() => {
  const { when } = props.edited
  if ('column' in when) return null
  const [key, ends] =
    'width' in when ? (['width', when.width] as const) : (['magnitude', when.magnitude] as const)
  return { ...SPANS[key], key, ends }
})
function setEnd(end: 'from' | 'to', text: string | undefined) {
  if (!span.value) return
  const { key, ends, what } = span.value
  const typed = { ...ends, [end]: text === undefined ? undefined : Number(text) }
  // The end that was there gives way where both would cross.
  const areCrossed = typed.from !== undefined && typed.to !== undefined && typed.from >= typed.to
  const next = areCrossed ? { [end]: typed[end] } : typed
  set({ when: key === 'width' ? { width: next } : { magnitude: next } }, what)
}
const textsOf = useTextsOf()
/** Another column begins with its first category; that of the mark pointed at, where it has it. */
async function setKind(name: string) {
  if (name === BY_SIZE) return set({ when: { magnitude: { from: 6 } } }, words.setCategories)
  if (name === BY_WIDTH) return set({ when: { width: { to: NARROW_PAGE } } }, words.setCategories)
  const found = await textsOf(name)
  const first = found.includes(levels.picked ?? '') ? levels.picked! : found[0]
  if (first !== undefined) set({ when: { column: name, is: [first] } }, words.setCategories)
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
const unitText = computed(() => lettersOf(props.edited.use.unit) ?? undefined)
function use(patch: Style, what: string) {
  const { missing: _, align: __, cases: ___, ...own } = patch
  void set({ use: { ...props.edited.use, ...own } }, what)
}
const choose = (choice: Choice | undefined) =>
  choice && use(choice.patch, words.setField({ field: choice.title }))
const notZero = ({ coefficient }: Decimal) => (coefficient === 0n ? words.factorError : '')
</script>

<template>
  <div class="editor">
    <p>
      <PhraseSelect :value="kind" :options="kinds" :label="words.basis" @change="setKind" />
      <MultiSelect
        v-if="'column' in edited.when"
        :model-value="[...edited.when.is]"
        :options="[...texts]"
        filter
        :show-toggle-all="false"
        :aria-label="words.categories"
        class="in-text"
        :max-selected-labels="2"
        @update:model-value="
          $event.length > 0 && set({ when: { column: column!, is: $event } }, words.setCategories)
        "
      />
      <template v-else-if="span">
        {{ ' ' }}{{ span.from
        }}<TypedField
          :value="span.ends.from === undefined ? undefined : String(span.ends.from)"
          :placeholder="words.any"
          :label="span.least"
          :check="span.check"
          @change="setEnd('from', $event)"
        />
        {{ span.toBelow
        }}<TypedField
          :value="span.ends.to === undefined ? undefined : String(span.ends.to)"
          :placeholder="words.any"
          :label="span.below"
          :check="span.check"
          @change="setEnd('to', $event)"
        />{{ span.unit }}
      </template>
      {{ words.isWritten }}
    </p>
    <p>
      <template v-for="phrase in phrases" :key="phrase.field">
        <Select
          :model-value="phrase.key"
          :options="choices.get(phrase.field)"
          option-value="key"
          option-label="title"
          option-disabled="refused"
          :aria-label="words.fieldOf({ field: phrase.name })"
          class="in-text"
          scroll-height="16rem"
          @update:model-value="
            (key: string) => choose(choices.get(phrase.field)?.find((one) => one.key === key))
          "
        >
          <template #option="{ option }"
            ><ChoiceOption :title="option.title" :sample="option.sample" :refused="option.refused"
          /></template> </Select
        >{{ ' ' }}
      </template>
    </p>
    <p>
      {{ words.unit }}
      <TypedField
        :value="unitText"
        :placeholder="words.same"
        :label="words.unitLabel"
        @change="
          use({ unit: $event ? { kind: 'symbol', text: $event } : { kind: 'none' } }, words.setUnit)
        "
      />
      {{ words.convertedBy }}
      <NumberField
        :value="edited.use.factor"
        placeholder="1"
        :label="words.factor"
        :check="notZero"
        @change="use({ factor: $event ?? '1' }, words.setFactor)"
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
</style>
