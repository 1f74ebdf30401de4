<script setup lang="ts">
import type { DecimalMark } from '~~/shared/import/cells'
import { type AskedOrder, isUnclear } from '~~/shared/import/dates'
import type { TwoPlaces } from '~~/shared/import/durations'
import { countText } from '~~/shared/import/counts'
import type { Role } from '~~/core/data/roles'
import type { Ask } from '~~/shared/import/types'
import type { ColumnPreview } from './preview'
import { importDialog as words, roleChoices, roleTitles } from './words'

/** What a column was read as, and what its owner says of it. */
const { column } = defineProps<{ column: ColumnPreview }>()
const role = defineModel<Role | undefined>('role')
const date = defineModel<AskedOrder | undefined>('date')
const mark = defineModel<DecimalMark | undefined>('mark')
const duration = defineModel<TwoPlaces | undefined>('duration')

const ORDERS: { id: AskedOrder; title: string }[] = [
  { id: 'dmy', title: words.dayComesFirst },
  { id: 'mdy', title: words.monthComesFirst },
]
const MARKS: { id: DecimalMark; title: string }[] = [
  { id: '.', title: words.pointIsDecimal },
  { id: ',', title: words.commaIsDecimal },
]
const DURATIONS: { id: TwoPlaces; title: string }[] = [
  { id: 'h:mm', title: words.hoursAndMinutes },
  { id: 'm:ss', title: words.minutesAndSeconds },
]
const MOST_UNREAD = 8
const askOf = ({ asks = [] }: ColumnPreview, about: Ask['about']) =>
  asks.find((ask) => ask.about === about)
const titlesOf = ({ choices }: Ask) => choices.map((one) => roleTitles[one as Role])
/** Cells that were read as another text than their own. */
const readOtherwise = ({ sample = [] }: ColumnPreview) =>
  sample.filter((one) => one.text !== one.value)
</script>

<template>
  <PhraseSelect
    :value="role"
    :options="roleChoices"
    :label="words.roleOf(column.name)"
    :placeholder="roleTitles[column.role ?? 'text']"
    @change="role = $event"
  />{{ ' ' }}
  <template v-if="isUnclear(column.reason)"
    >{{ words.dates }}
    <PhraseSelect
      :value="date"
      :options="ORDERS"
      :label="words.orderDatesIn(column.name)"
      :placeholder="words.doesDayOrMonth"
      @change="date = $event"
  /></template>
  <template v-else>{{ column.reason }}</template><template v-if="column.missing > 0">{{
    words.missing(countText(column.missing))
  }}</template>
  <p v-if="askOf(column, 'role')" class="ask">
    {{ words.onlyYouKnow(titlesOf(askOf(column, 'role')!)) }}
  </p>
  <p v-if="askOf(column, 'mark') || mark" class="ask">
    {{ words.twoWays(askOf(column, 'mark')?.cells ?? []) }}
    <PhraseSelect
      :value="mark"
      :options="MARKS"
      :label="words.markOf(column.name)"
      :placeholder="words.pointIsDecimal"
      @change="mark = $event"
    />
  </p>
  <p v-if="askOf(column, 'duration') || duration" class="ask">
    {{ words.twoWays(askOf(column, 'duration')?.cells ?? []) }}
    <PhraseSelect
      :value="duration"
      :options="DURATIONS"
      :label="words.durationOf(column.name)"
      :placeholder="words.hoursAndMinutes"
      @change="duration = $event"
    />
  </p>
  <p v-if="askOf(column, 'unit')" class="ask">
    {{ words.otherUnits(askOf(column, 'unit')!.choices) }}
  </p>
  <p v-if="readOtherwise(column).length > 0" class="soft sample">
    <span v-for="one in readOtherwise(column)" :key="one.text">{{
      words.isRead(one.text, one.value)
    }}</span>
  </p>
  <ul v-if="column.unread.length > 0" class="unread">
    <li v-for="cell in column.unread.slice(0, MOST_UNREAD)" :key="cell.row">
      {{ words.rowKeptAsMissing(cell.row, cell.text) }}
    </li>
    <li v-if="column.unread.length > MOST_UNREAD">
      {{ words.andMore(column.unread.length - MOST_UNREAD) }}
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
