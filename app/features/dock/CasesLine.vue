<script setup lang="ts">
import { caseProblems, caseWords } from '~~/core/style/cases'
import { inherit } from '~~/core/style/inherit'
import type { FieldName, Style } from '~~/core/style/fields'
import type { StyleCase } from '~~/core/style/schemas'
import { useTexts } from '~/features/data/useDistinctTexts'
import { type Choice, choicesOf, type Desk, sentenceOf } from './choices'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

/** Other wordings for some categories or sizes: what each is for, what it changes, and what keeps it from being used. */
const props = defineProps<{ desk: () => Desk }>()
const study = useStudy()
const levels = useLevels()

const cases = computed(() => levels.style.cases)
const problems = computed(
  () => new Map(caseProblems(cases.value).map((problem) => [problem.at, problem])),
)
/** A case in words: the phrases that it sets. */
const wordsOf = ({ use }: StyleCase): string => {
  const whole = inherit({ ...levels.style, cases: [] }, use)
  const said = sentenceOf(whole)
    .filter(({ field }) => field !== 'factor' && use[field as keyof typeof use] !== undefined)
    .map(({ title }) => title)
  if (use.factor !== undefined) said.push(`converted by ${use.factor}`)
  return said.join(', ') || 'nothing else yet'
}
const save = (what: string, next: readonly StyleCase[], moves = false) =>
  levels.setStyle(`${study.quantity?.title}: ${what}`, { cases: [...next] }, { moves })

const list = useTemplateRef<{ show(event: Event, target?: unknown): void; hide(): void }>('list')
const opened = ref<number | null>(null)
const edited = computed(() => (opened.value === null ? null : (cases.value[opened.value] ?? null)))
async function open(event: Event, at: number) {
  list.value?.hide()
  opened.value = at
  const target = event.currentTarget
  await nextTick()
  list.value?.show(event, target)
}
/** A new case is of the category that was pointed at last, where there is one. */
async function add(event: Event) {
  const column = study.quantity?.chart.category ?? textColumns.value[0]
  const when: StyleCase['when'] =
    column && levels.picked !== null
      ? { column, is: [levels.picked] }
      : column
        ? { column, is: texts.value.slice(0, 1) }
        : { magnitude: { from: 6 } }
  const target = event.currentTarget
  await save(`another wording ${caseWords(when)}`, [...cases.value, { when, use: {} }])
  list.value?.hide()
  opened.value = cases.value.length - 1
  await nextTick()
  list.value?.show(event, target)
}
const set = (patch: Partial<StyleCase>, what: string) =>
  save(
    what,
    cases.value.map((one, at) => (at === opened.value ? { ...one, ...patch } : one)),
    true,
  )
function remove(at: number) {
  list.value?.hide()
  void save(
    `no other wording ${caseWords(cases.value[at]!.when)}`,
    cases.value.filter((_, place) => place !== at),
  )
}
function raise(at: number) {
  const next = [...cases.value]
  ;[next[at - 1], next[at]] = [next[at]!, next[at - 1]!]
  void save(`let the wording ${caseWords(next[at - 1]!.when)} come first`, next)
}

const textColumns = computed(
  () => study.dataset?.columns.filter(({ kind }) => kind === 'text').map(({ name }) => name) ?? [],
)
const kinds = computed(() => [
  ...textColumns.value.map((name) => ({ id: name, title: `where ${name} is` })),
  { id: null, title: 'by size' },
])
const column = computed(() =>
  edited.value && 'column' in edited.value.when ? edited.value.when.column : null,
)
const texts = useTexts(() => column.value ?? study.quantity?.chart.category ?? textColumns.value[0])
const magnitude = computed(() =>
  edited.value && 'magnitude' in edited.value.when ? edited.value.when.magnitude : {},
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
  style: inherit({ ...levels.style, cases: [] }, edited.value?.use ?? {}),
}))
const phrases = computed(() =>
  sentenceOf(ownDesk.value.style).filter(({ field }) => FIELDS.includes(field)),
)
const choices = computed(
  () =>
    new Map(edited.value ? FIELDS.map((field) => [field, choicesOf(field, ownDesk.value)]) : []),
)
const unitText = computed(() =>
  edited.value?.use.unit?.kind === 'symbol' ? edited.value.use.unit.text : undefined,
)
function use(patch: Style, what: string) {
  const { missing: _, align: __, cases: ___, ...own } = patch
  void set({ use: { ...edited.value!.use, ...own } }, what)
}
const choose = (choice: Choice | undefined) =>
  choice && use(choice.patch, `write it ${choice.title} for a case`)
const asFactor = (text: string) =>
  /^[+-]?\d+(\.\d+)?(e[+-]?\d+)?$/i.test(text) && Number(text) !== 0
    ? ''
    : 'A factor is a number that is not zero, such as 0.001.'
</script>

<template>
  <div class="cases">
    <span v-for="(one, at) in cases" :key="at" class="case" :class="{ unused: problems.has(at) }">
      <button type="button" class="open" aria-haspopup="dialog" @click="open($event, at)">
        {{ caseWords(one.when) }}: <b>{{ wordsOf(one) }}</b>
      </button>
      <QuietButton v-if="at > 0 && problems.has(at)" @click="raise(at)">
        let it come first
      </QuietButton>
      <span v-if="problems.has(at)" class="why"
        >{{ problems.get(at)!.isUnreachable ? 'never used' : 'used in part' }}: the one
        {{ caseWords(cases[problems.get(at)!.by]!.when) }} comes first</span
      >
      <QuietButton :aria-label="`Remove the wording ${caseWords(one.when)}`" @click="remove(at)">
        remove
      </QuietButton>
    </span>
    <QuietButton @click="add">
      {{
        levels.picked === null
          ? 'another wording for some …'
          : `another wording for ${levels.picked} …`
      }}
    </QuietButton>
    <Popover ref="list" aria-label="Another wording for some" @hide="opened = null">
      <div v-if="edited" class="editor">
        <p>
          <Select
            :model-value="column"
            :options="kinds"
            option-label="title"
            option-value="id"
            placeholder="by size"
            aria-label="What the case goes by"
            class="in-text"
            @update:model-value="setKind"
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
    </Popover>
  </div>
</template>

<style scoped>
.cases {
  display: grid;
  gap: var(--gap-1);
  justify-items: start;
}

.case {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-2);
  align-items: baseline;
}

.open {
  padding: 0 2px;
  border: 0;
  border-bottom: 1.5px solid var(--jade);
  background: none;
  color: var(--ink);
  text-align: left;
  cursor: pointer;
}

.open b {
  color: var(--jade);
}

.unused .open b {
  color: var(--ink-faint);
  text-decoration: line-through;
}

.why {
  color: var(--rosewood);
  font-size: var(--text-small);
}

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
