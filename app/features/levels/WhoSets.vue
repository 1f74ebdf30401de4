<script setup lang="ts">
import type { Surface } from '~~/core/surfaces'
import type { Level } from '~~/shared/quantities'
import type { Desk } from '~/features/dock/choices'
import { levelHeads, type Origin, originWords } from '~/stores/levelWords'
import { useStudy } from '~/stores/study'
import { type Cell, keyOf, type Row, useWhoSets } from './useWhoSets'
import { words as catalogue } from '~~/words'

const words = catalogue.levels.whoSets

/** Which level says what: surfaces across, phrases down, changed and taken back where they stand. */
const props = defineProps<{ shown: readonly Surface[]; deskAt: (level: Level) => Desk }>()
const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()

const everything = ref(false)
const { columns, rows, picked, chosen, field, pick, choices, typed, choose, own, takeBack, rowOf } =
  useWhoSets(
    () => props.shown,
    (level) => props.deskAt(level),
  )
const seen = computed(() => rows.value.filter(({ isSet }) => everything.value || isSet))
const adds = (event: MouseEvent | KeyboardEvent) => event.shiftKey || event.ctrlKey || event.metaKey
const pickRow = (event: MouseEvent, { cells }: Row) =>
  pick(
    cells.filter((cell): cell is Cell => cell !== null),
    adds(event),
  )
const pickColumn = (event: MouseEvent, level: Level) =>
  pick(
    seen.value.flatMap(({ cells }) => cells.filter((cell) => cell?.level === level) as Cell[]),
    adds(event),
  )
const name = computed(() => (field.value ? (rowOf(field.value)?.name ?? '') : ''))
const ORIGINS: readonly Origin[] = ['here', 'quantity', 'house', 'stylebook', 'builtIn']
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.title({ quantity: study.quantity?.title ?? '' })"
    :style="{ width: 'min(1180px, 96vw)' }"
  >
    <p class="legend">
      <span v-for="origin in ORIGINS" :key="origin"
        ><span class="value" :class="origin">{{ words.sample }}</span>
        {{ originWords[origin] }}</span
      >
    </p>
    <div class="scroll" tabindex="0" role="region" :aria-label="words.table">
      <table>
        <thead>
          <tr>
            <td></td>
            <th v-for="level in columns" :key="level" scope="col">
              <button type="button" class="head" @click="pickColumn($event, level)">
                {{ levelHeads[level] }}
              </button>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in seen" :key="row.field">
            <th scope="row">
              <button type="button" class="head" @click="pickRow($event, row)">
                {{ row.name }}
              </button>
            </th>
            <td v-for="(cell, at) in row.cells" :key="columns[at]">
              <button
                v-if="cell"
                type="button"
                class="value"
                :class="cell.origin"
                :aria-pressed="chosen.has(keyOf(cell))"
                :title="originWords[cell.origin]"
                :data-cell="keyOf(cell)"
                @click="pick([cell], adds($event))"
              >
                {{ cell.title }}
              </button>
              <span v-else class="soft">{{ words.none }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <footer class="acts">
      <p v-if="picked.length === 0" class="soft">
        {{ words.hint }}
        <QuietButton @click="everything = !everything">
          {{ everything ? words.onlySet : words.all }}
        </QuietButton>
      </p>
      <template v-else>
        <template v-if="field">
          <span>{{ words.setIn({ count: picked.length, name }) }}</span>
          <Select
            :model-value="null"
            :options="choices"
            option-label="title"
            option-disabled="refused"
            :placeholder="words.choose"
            :aria-label="words.choicesOf({ field: name })"
            class="in-text"
            scroll-height="18rem"
            @update:model-value="choose($event)"
          >
            <template #option="{ option }"
              ><ChoiceOption
                :title="option.title"
                :sample="option.sample"
                :refused="option.refused"
            /></template>
          </Select>
          <TypedChoice v-if="typed" :key="field" :name="name" :typed="typed" @choose="choose" />
        </template>
        <span v-else>{{ words.several({ count: picked.length }) }}</span>
        <QuietButton v-if="own.length > 0" @click="takeBack">
          {{ words.clear({ count: own.length }) }}
        </QuietButton>
      </template>
    </footer>
  </Dialog>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-4);
  margin-bottom: var(--gap-3);
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.scroll {
  max-height: 56vh;
  overflow: auto;
}

table {
  border-collapse: collapse;
  font-size: var(--text-small);
}

th {
  position: sticky;
  font-weight: 600;
  text-align: left;
  white-space: nowrap;
  background: var(--sheet);
}

thead th,
thead td {
  top: 0;
  z-index: 1;
  position: sticky;
  background: var(--sheet);
  border-bottom: 1px solid var(--ink-soft);
}

tbody th {
  left: 0;
}

th,
td {
  padding: var(--gap-1) var(--gap-2);
  border-bottom: 1px solid var(--rule-soft);
  vertical-align: top;
}

.head,
button.value {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.value {
  color: var(--jade);
  text-decoration: underline;
  text-underline-offset: 3px;
}

button.value {
  max-width: 11rem;
  color: var(--jade);
  text-decoration: underline;
}

.value.here {
  font-weight: 600;
  text-decoration: underline 2px;
}

.value.quantity,
.value.marks {
  text-decoration: underline dashed 1px;
}

.value.house {
  text-decoration: underline dotted 1px;
}

.value.stylebook {
  text-decoration: underline double 1px;
}

.value.nobody {
  color: var(--ink-soft);
  text-decoration: none;
}

button.value[aria-pressed='true'] {
  outline: 2px solid var(--jade);
  outline-offset: 2px;
  background: var(--jade-wash);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-4);
  align-items: start;
  min-height: 5.5rem;
  padding-top: var(--gap-3);
}
</style>
