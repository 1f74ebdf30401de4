<script setup lang="ts">
import { caseProblems, caseWords } from '~~/core/style/cases'
import { inherit } from '~~/core/style/inherit'
import type { StyleCase } from '~~/core/style/schemas'
import { useTexts } from '~/features/data/useDistinctTexts'
import { type Desk, sentenceOf } from './choices'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.casesLine

/**
 * Other wordings for some categories or sizes: what each is for, what it changes, and what keeps it
 * from being used.
 */
defineProps<{ desk: () => Desk }>()
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
  if (use.factor !== undefined) said.push(words.convertedBy({ factor: use.factor }))
  return said.join(', ') || words.nothingYet
}
const save = (what: string, next: readonly StyleCase[], moves = false) =>
  levels.setStyle(`${study.quantity?.title}: ${what}`, { cases: [...next] }, { moves })

const list = useTemplateRef<{ show(event: Event, target?: unknown): void; hide(): void }>('list')
const opened = ref<number | null>(null)
/** A case that changes nothing yet is none: it is kept once something is chosen. */
const draft = shallowRef<StyleCase | null>(null)
const edited = computed(() =>
  opened.value === null ? draft.value : (cases.value[opened.value] ?? null),
)
function close() {
  opened.value = null
  draft.value = null
}
async function open(event: Event, at: number) {
  list.value?.hide()
  opened.value = at
  const target = event.currentTarget
  await nextTick()
  list.value?.show(event, target)
}
/** A new case is of the category that was pointed at last, where there is one. */
async function add(event: Event) {
  const column = study.quantity?.chart.category ?? firstText.value
  const is = levels.picked === null ? texts.value.slice(0, 1) : [levels.picked]
  const when: StyleCase['when'] = column ? { column, is } : { magnitude: { from: 6 } }
  const target = event.currentTarget
  list.value?.hide()
  await nextTick()
  draft.value = { when, use: {} }
  await nextTick()
  list.value?.show(event, target)
}
/** The column whose texts a new case is about where nobody says. */
const firstText = computed(() => study.dataset?.columns.find(({ kind }) => kind === 'text')?.name)
const texts = useTexts(() => study.quantity?.chart.category ?? firstText.value)
async function set(patch: Partial<StyleCase>, what: string) {
  if (!draft.value) {
    const next = cases.value.map((one, at) => (at === opened.value ? { ...one, ...patch } : one))
    return save(what, next, true)
  }
  const begun = { ...draft.value, ...patch }
  draft.value = begun
  if (Object.keys(begun.use).length === 0) return
  await save(words.add({ for: caseWords(begun.when) }), [...cases.value, begun])
  opened.value = cases.value.length - 1
  draft.value = null
}
function remove(at: number) {
  list.value?.hide()
  void save(
    words.removed({ for: caseWords(cases.value[at]!.when) }),
    cases.value.filter((_, place) => place !== at),
  )
}
function raise(at: number) {
  const next = [...cases.value]
  ;[next[at - 1], next[at]] = [next[at]!, next[at - 1]!]
  void save(words.moveFirst({ for: caseWords(next[at - 1]!.when) }), next)
}
</script>

<template>
  <div class="cases">
    <span v-for="(one, at) in cases" :key="at" class="case" :class="{ unused: problems.has(at) }">
      <button type="button" class="open" aria-haspopup="dialog" @click="open($event, at)">
        {{ caseWords(one.when) }}: <b>{{ wordsOf(one) }}</b>
      </button>
      <QuietButton v-if="at > 0 && problems.has(at)" @click="raise(at)">
        {{ words.first }}
      </QuietButton>
      <span v-if="problems.has(at)" class="why">{{
        words.shadowed({
          use: problems.get(at)!.isUnreachable ? words.neverUsed : words.usedInPart,
          for: caseWords(cases[problems.get(at)!.by]!.when),
        })
      }}</span>
      <QuietButton
        :aria-label="words.removeLabel({ for: caseWords(one.when) })"
        @click="remove(at)"
      >
        {{ words.remove }}
      </QuietButton>
    </span>
    <QuietButton @click="add">
      {{ levels.picked === null ? words.addSome : words.addFor({ category: levels.picked }) }}
    </QuietButton>
    <Popover ref="list" :aria-label="words.addLabel" @hide="close">
      <CaseEditor v-if="edited" :desk="desk" :edited="edited" @change="set" />
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
</style>
