<script setup lang="ts">
import { useResizeObserver, useVirtualList } from '@vueuse/core'
import { machineLabel } from '~~/core/label/machine'
import { halves } from '~~/core/label/align'
import type { Row, Value } from '~~/core/label/types'
import type { Direction } from '~~/core/locale/direction'
import type { FullStyle } from '~~/core/style/fields'
import { ADJUSTED, type AdjustedParts, shownAs, valueSaid } from '~~/shared/page/totals'
import type { OtherColumn } from '~~/shared/page/otherColumns'
import type { Rows } from '~~/shared/page/rows'
import type { Writing } from '~~/shared/page/values'
import type { PlaceSet } from '~/features/margin/cards'
import { vLabel } from '~/controls/vLabel'
import { useRowOrder } from './rowOrder'
import { type TotalCells, useColumnWidths } from './columnWidths'
import { words as catalogue } from '~~/words'

const words = catalogue.page.valueTable

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
  direction: Direction
  /** Other columns of numbers. */
  others: readonly OtherColumn[]
  /** Rows whose labels mislead. */
  flagged: PlaceSet
  height: number
  /** Of that, what stands below the rows. */
  foot: number
  /** Labels that were moved so that all parts add up, by row. */
  adjusted: AdjustedParts
  selected: ReadonlySet<number>
  total: TotalCells | null
}>()
const emit = defineEmits<{ select: [at: number]; take: [other: OtherColumn] }>()

const ROW_HEIGHT = 26
const HEAD_HEIGHT = 30
const { ordered, sorting, arrow, turn } = useRowOrder(() => props.rows)
/** The number that a label says: another than the cell's where the part is adjusted. */
const saidAt = (at: number) => valueSaid(props.adjusted.get(at), props.rows.cells[at])
const spoken = (at: number) => props.say?.(saidAt(at), props.caseRows.value?.[at])
/** An adjusted label is marked as one. */
const partsOf = (at: number) => [
  ...(props.adjusted.has(at) ? [{ type: 'literal' as const, value: ADJUSTED }] : []),
  ...props.written.value.writer.parts(saidAt(at), props.caseRows.value?.[at]),
]
const labelOf = (at: number) => {
  const { writer } = props.written.value
  const label = writer.label(props.rows.cells[at], props.caseRows.value?.[at])
  return shownAs(props.adjusted.get(at), label)
}
/**
 * Words behind a number stand before it where they are read from right to left: such a label stays
 * in one piece.
 */
const inDirection = (align: FullStyle['align']) => (props.direction === 'rtl' ? 'end' : align)
const align = computed(() => inDirection(props.align))
const halvesOf = (at: number) => halves(partsOf(at), align.value)
const widths = useColumnWidths(() => ({ ...props, labelOf }))
const tailWidth = computed(() => widths.tailOf(align.value, partsOf, props.total?.own))
/** Other columns, each with its own alignment. */
const beside = computed(() =>
  props.others.map((other) => {
    const total = props.total?.others.get(other.name) ?? []
    const own = inDirection(other.align)
    const tail = widths.tailOf(own, other.parts, total)
    return { other, align: own, tail, total: halves(total, own) }
  }),
)
/** A row that is cut through its label is worse than one that is not there. */
const fitting = computed(() =>
  Math.max(
    1,
    Math.floor((props.height - HEAD_HEIGHT - props.foot) / ROW_HEIGHT) - (props.total ? 1 : 0),
  ),
)
const rowsHeight = computed(() => Math.min(fitting.value, ordered.value.length) * ROW_HEIGHT)
const { list, containerProps, wrapperProps } = useVirtualList(ordered, {
  itemHeight: ROW_HEIGHT,
  overscan: 1,
})
const table = useTemplateRef('table')
/**
 * Where not all columns have room, those of numbers are in sight: one that is cut reads as another.
 */
function showNumbers() {
  const end = props.direction === 'rtl' ? -1 : 1
  if (table.value) table.value.scrollLeft = end * table.value.scrollWidth
}
/** The first column of names stays where it is. */
function tellScrolled() {
  table.value?.style.setProperty('--scrolled', `${Math.abs(table.value.scrollLeft)}px`)
}
useResizeObserver(table, showNumbers)
// Not while columns are chosen: a list that hangs on what is scrolled closes.
watch(
  () => props.title,
  () => nextTick(showNumbers),
)
/** Only the rows in sight are drawn, and one behind them: a move writes each row anew. */
const drawn = computed(() => list.value.slice(0, fitting.value + 1))
</script>

<template>
  <div>
    <div
      ref="table"
      class="value-table"
      role="table"
      :style="{
        '--number-width': `${widths.number.value}px`,
        '--way': direction === 'rtl' ? -1 : 1,
      }"
      :aria-label="words.title({ title })"
      :aria-rowcount="rows.cells.length + 1"
      @scroll="tellScrolled"
    >
      <TableHead
        :style="{ height: `${HEAD_HEIGHT}px`, minWidth: `${widths.least.value}px` }"
        :title="title"
        :texts="rows.texts"
        :others="others"
        :machine="machine"
        :sorting="sorting"
        :arrow="arrow"
        @turn="turn"
        @take="emit('take', $event)"
        @chosen="showNumbers"
      />
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
                :aria-label="words.rowInTotal({ at: at + 1 })"
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
            <AlignedNumber
              v-for="{ other, align: own, tail } in beside"
              :key="other.name"
              role="cell"
              class="beside"
              :align="own"
              :halves="halves(other.parts(at), own)"
              :tail="tail"
            />
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
      <TableTotal
        v-if="total"
        :style="{ height: `${ROW_HEIGHT}px`, minWidth: `${widths.least.value}px` }"
        :texts="rows.texts.length"
        :others="beside"
        :machine="machine"
        :align="align"
        :own="halves(total.own, align)"
        :tail="tailWidth"
        :exactly="total.exactly"
      />
    </div>
    <div class="value-foot" :style="{ height: `${foot}px` }"><slot /></div>
  </div>
</template>

<style src="./table.css"></style>
