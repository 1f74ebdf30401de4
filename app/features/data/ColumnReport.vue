<script setup lang="ts">
import type { DecimalMark } from '~~/shared/import/cells'
import { type AskedOrder, isUnclear } from '~~/shared/import/dates'
import type { TwoPlaces } from '~~/shared/import/durations'
import type { Role } from '~~/core/data/roles'
import type { Ask } from '~~/shared/import/types'
import { columnReasonText } from '~~/shared/study/columnReasonText'
import type { ColumnPreview } from './preview'
import { words as catalogue } from '~~/words'
import { roleChoices, roleTitles } from './roleChoices'

const words = catalogue.data.importDialog

/** What a column was read as, and what its owner says of it. */
const { column } = defineProps<{ column: ColumnPreview }>()
const role = defineModel<Role | undefined>('role')
const date = defineModel<AskedOrder | undefined>('date')
const mark = defineModel<DecimalMark | undefined>('mark')
const duration = defineModel<TwoPlaces | undefined>('duration')

const ORDERS: { id: AskedOrder; title: string }[] = [
  { id: 'dmy', title: words.dayFirst },
  { id: 'mdy', title: words.monthFirst },
]
const MARKS: { id: DecimalMark; title: string }[] = [
  { id: '.', title: words.point },
  { id: ',', title: words.comma },
]
const DURATIONS: { id: TwoPlaces; title: string }[] = [
  { id: 'h:mm', title: words.hoursAndMinutes },
  { id: 'm:ss', title: words.minutesAndSeconds },
]
const MOST_UNREAD = 8
const askOf = ({ asks = [] }: ColumnPreview, about: Ask['about']) =>
  asks.find((ask) => ask.about === about)
/** Which roles the column can have besides the one that it was read in. */
function onlyYouKnow({ choices }: Ask): string {
  const [role, ...others] = choices.map((one) => roleTitles[one as Role])
  return words.onlyYouKnow({ role: role!, others })
}
const MOST_CELLS = 3
const twoWays = (ask: Ask | undefined) =>
  ask && ask.cells.length > 0
    ? words.twoWays({ cells: ask.cells.slice(0, MOST_CELLS).join(', ') })
    : words.asYouSay
/** Cells that were read as another text than their own. */
const readOtherwise = ({ sample = [] }: ColumnPreview) =>
  sample.filter((one) => one.text !== one.value)
</script>

<template>
  <PhraseSelect
    :value="role"
    :options="roleChoices"
    :label="words.roleOf({ name: column.name })"
    :placeholder="roleTitles[column.role ?? 'text']"
    @change="role = $event"
  />{{ ' ' }}
  <template v-if="isUnclear(column.reason)"
    >{{ words.dates }}
    <PhraseSelect
      :value="date"
      :options="ORDERS"
      :label="words.dateOrderOf({ name: column.name })"
      :placeholder="words.dateOrder"
      @change="date = $event"
  /></template>
  <template v-else>{{ columnReasonText(column.reason, column.role) }}</template><template
    v-if="column.missing > 0"
    >{{ words.missing({ count: column.missing }) }}</template
  >
  <p v-if="askOf(column, 'role')" class="ask">
    {{ onlyYouKnow(askOf(column, 'role')!) }}
  </p>
  <p v-if="askOf(column, 'mark') || mark" class="ask">
    {{ twoWays(askOf(column, 'mark')) }}
    <PhraseSelect
      :value="mark"
      :options="MARKS"
      :label="words.separatorOf({ name: column.name })"
      :placeholder="words.point"
      @change="mark = $event"
    />
  </p>
  <p v-if="askOf(column, 'duration') || duration" class="ask">
    {{ twoWays(askOf(column, 'duration')) }}
    <PhraseSelect
      :value="duration"
      :options="DURATIONS"
      :label="words.durationOf({ name: column.name })"
      :placeholder="words.hoursAndMinutes"
      @change="duration = $event"
    />
  </p>
  <p v-if="askOf(column, 'unit')" class="ask">
    {{ words.otherUnits({ units: askOf(column, 'unit')!.choices }) }}
  </p>
  <p v-if="readOtherwise(column).length > 0" class="soft sample">
    <span v-for="one in readOtherwise(column)" :key="one.text">{{
      words.isRead({ cell: one.text, value: one.value })
    }}</span>
  </p>
  <ul v-if="column.unread.length > 0" class="unread">
    <li v-for="cell in column.unread.slice(0, MOST_UNREAD)" :key="cell.row">
      {{ words.keptAsMissing({ row: cell.row, text: cell.text }) }}
    </li>
    <li v-if="column.unread.length > MOST_UNREAD">
      {{ words.andMore({ count: column.unread.length - MOST_UNREAD }) }}
    </li>
  </ul>
</template>

<style scoped>
.ask,
.sample {
  margin: 0;
}

.ask {
  color: var(--amber);
}

.sample {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-3);
}

.unread {
  color: var(--rosewood);
}

ul {
  margin: 0;
  padding-left: var(--gap-4);
}
</style>
