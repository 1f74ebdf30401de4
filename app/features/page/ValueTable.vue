<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import { machineLabel } from '~~/core/label/machine'
import { halves } from '~~/core/label/align'
import type { Row, Value } from '~~/core/label/types'
import type { FullStyle } from '~~/core/style/fields'
import type { OtherColumn } from '~~/shared/page/otherColumns'
import type { Rows } from '~~/shared/page/rows'
import type { Writing } from '~~/shared/page/values'
import type { PlaceSet } from '~/features/margin/cards'
import { vLabel } from '~/controls/vLabel'
import { useRowOrder } from './rowOrder'
import { useColumnWidths } from './columnWidths'
import { textWidth } from './width'
import { valueTable as words } from './words'

const props = defineProps<{
  title: string
  rows: Rows
  written: Readonly<Ref<Writing>>
  /** Cells that cases look at, by row. */
  caseRows: Readonly<Ref<readonly Row[] | undefined>>
  align: FullStyle['align']
  /** What a screen reader says for a cell, once it is known. */
  say: ((value: Value, row?: Row) => string) | null
  machine: boolean
  /** Other columns of numbers. */
  others: readonly OtherColumn[]
  /** Rows whose labels mislead. */
  flagged: PlaceSet
  height: number
  /** Of that, what stands below the rows. */
  foot: number
  /** Labels that were moved so that all parts add up, by row. */
  adjusted: ReadonlyMap<number, string>
  selected: ReadonlySet<number>
}>()
const emit = defineEmits<{ select: [at: number]; take: [other: OtherColumn] }>()

const ROW_HEIGHT = 26
const HEAD_HEIGHT = 30
const ADJUSTED = '†'
const { ordered, sorting, arrow, turn } = useRowOrder(() => props.rows)
/** An adjusted label is marked as one. */
const labelOf = (at: number) =>
  props.adjusted.has(at)
    ? ADJUSTED + props.adjusted.get(at)!
    : props.written.value.writer.label(props.rows.cells[at], props.caseRows.value?.[at])
const spoken = (at: number) => props.say?.(props.rows.cells[at], props.caseRows.value?.[at])
const halvesOf = (at: number) =>
  halves(
    props.written.value.writer.parts(props.rows.cells[at], props.caseRows.value?.[at]),
    props.align,
  )
const widths = useColumnWidths(() => ({ ...props, labelOf }))
/** Rows whose labels decide how much room stands behind the decimal marks. */
const MOST_MEASURED = 200
const tailWidth = computed(() => {
  if (props.align !== 'decimal') return 'auto'
  const step = Math.ceil(ordered.value.length / MOST_MEASURED)
  const measured = ordered.value.filter((_, at) => at % step === 0)
  return `${Math.ceil(Math.max(0, ...measured.map((at) => textWidth(halvesOf(at)[1]))))}px`
})
/** A row that is cut through its label is worse than one that is not there. */
const fitting = computed(() =>
  Math.max(1, Math.floor((props.height - HEAD_HEIGHT - props.foot) / ROW_HEIGHT)),
)
const rowsHeight = computed(() => Math.min(fitting.value, ordered.value.length) * ROW_HEIGHT)
const { list, containerProps, wrapperProps } = useVirtualList(ordered, {
  itemHeight: ROW_HEIGHT,
  overscan: 1,
})
/** Only the rows in sight are drawn, and one behind them: a move writes each row anew. */
const drawn = computed(() => list.value.slice(0, fitting.value + 1))
</script>

<template>
  <div>
    <div
      class="table"
      role="table"
      :aria-label="words.rowEach(title)"
      :aria-rowcount="rows.cells.length + 1"
    >
      <div
        class="row head"
        role="row"
        :style="{ height: `${HEAD_HEIGHT}px`, minWidth: `${widths.least.value}px` }"
      >
        <span role="columnheader" class="pick" :title="words.rowsInTotal">Σ</span>
        <span v-for="text in rows.texts" :key="text.name" role="columnheader">{{ text.name }}</span>
        <span v-for="other in others" :key="other.name" role="columnheader" class="number beside"
          ><button
            type="button"
            :title="words.writeInTable(other.title)"
            @click="emit('take', other)"
          >
            {{ other.title }}
          </button></span
        >
        <span v-if="machine" role="columnheader" class="number machine">{{ words.byMachine }}</span>
        <span role="columnheader" class="number" data-head="table" :aria-sort="sorting">
          <button type="button" :title="words.sortByNumber" @click="turn">
            {{ title }}{{ arrow }}
          </button>
        </span>
        <span role="columnheader" class="pick"><TableColumns /></span>
      </div>
      <div
        :ref="containerProps.ref"
        class="rows"
        role="rowgroup"
        tabindex="0"
        :style="{ height: `${rowsHeight}px`, minWidth: `${widths.least.value}px` }"
        @scroll="containerProps.onScroll"
      >
        <div role="presentation" :style="wrapperProps.style">
          <div
            v-for="{ data: at } in drawn"
            :key="at"
            class="row"
            role="row"
            :style="{ height: `${ROW_HEIGHT}px` }"
          >
            <span role="cell" class="pick"
              ><input
                type="checkbox"
                :checked="selected.has(at)"
                :aria-label="words.rowInTotal(at + 1)"
                @change="emit('select', at)"
            /></span>
            <span
              v-for="text in rows.texts"
              :key="text.name"
              role="cell"
              class="text"
              :title="text.cells[at]"
              >{{ text.cells[at] }}</span
            >
            <span v-for="other in others" :key="other.name" role="cell" class="number beside">{{
              other.label(at)
            }}</span>
            <span v-if="machine" role="cell" class="number machine">{{
              machineLabel(rows.cells[at])
            }}</span>
            <span
              v-if="align === 'end'"
              v-label="() => labelOf(at)"
              role="cell"
              class="number"
              :class="{ flagged: flagged.has(at) }"
              data-surface="table"
              :data-at="at"
              :data-value="rows.cells[at]"
              :aria-label="spoken(at)"
            />
            <span
              v-else
              role="cell"
              :aria-label="spoken(at)"
              class="number"
              :class="[align, { flagged: flagged.has(at) }]"
              data-surface="table"
              :data-at="at"
              :data-value="rows.cells[at]"
            >
              <span v-label="() => halvesOf(at)[0]" /><span
                v-label="() => halvesOf(at)[1]"
                class="tail"
                :style="{ width: tailWidth }"
              />
            </span>
            <span role="cell" class="pick" />
          </div>
        </div>
      </div>
    </div>
    <div class="foot" :style="{ height: `${foot}px` }"><slot /></div>
  </div>
</template>

<style scoped>
.table {
  overflow-x: auto;
  overflow-y: hidden;
  font-size: 13px;
}

.row {
  display: flex;
  align-items: center;
  column-gap: var(--gap-3);
  padding-right: var(--gap-2);
  border-bottom: 1px solid var(--rule-soft);
  background: var(--sheet);
}

.row > * {
  flex: 1 1 0;
  min-width: 0;
}

.row > .pick {
  display: flex;
  flex: none;
  width: 14px;
}

.pick input {
  width: 13px;
  height: 13px;
  margin: 0;
  accent-color: var(--jade);
  opacity: 0.55;
}

.pick input:checked,
.pick input:focus-visible,
.row:hover .pick input {
  opacity: 1;
}

.row > .number {
  flex: 0 0 v-bind('`${widths.number.value}px`');
}

/* The first column of names stays while the others are scrolled. */
.row > .pick + * {
  position: sticky;
  left: 0;
  z-index: 1;
  background: inherit;
}

.row > .machine {
  flex: none;
  width: 80px;
  min-width: 0;
}

.rows {
  overflow-y: auto;
  contain: strict;
}

.foot {
  contain: layout size;
}

.head {
  color: var(--ink-soft);
  font-size: var(--text-small);
  border-bottom-color: var(--rule);
}

.head button {
  border: 0;
  background: none;
  padding: 2px;
  margin: -2px;
  color: inherit;
  cursor: pointer;
}

.head button:hover {
  color: var(--jade);
  text-decoration: underline;
}

.text {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.number {
  text-align: right;
  white-space: nowrap;
}

.number.edges {
  display: flex;
  justify-content: space-between;
}

.number.decimal .tail {
  display: inline-block;
  text-align: left;
}

.machine {
  color: var(--ink-faint);
}

.beside {
  color: var(--ink-soft);
}
</style>
