<script setup lang="ts">
import { refAutoReset, useWindowSize } from '@vueuse/core'
import { characterName, ORDERS } from '~~/core/compare/magnitudes'
import { LABEL_SIZE } from '~/features/compare/useCompare'
import type { SweepColumn } from './useSweep'
import {
  columnWidth,
  FIRST,
  LEAST_WIDTH,
  MOST_WIDTH,
  NAMES_WIDTH,
  placeOf,
  ROW_HEIGHT,
  rowsIn,
  rowsOf,
} from './orderRows'
import { sweepTable as words } from './words'

/**
 * One style a column, one order of magnitude a row, each with the labels just under it, on it and
 * just over.
 */
const props = defineProps<{ columns: readonly SweepColumn[] }>()

/** Milliseconds after the last scrolling. */
const RESTS_AFTER = 150
const EDGES = [words.justUnder, 'at', words.justOver].join('\n')

const rows = useTemplateRef<HTMLElement>('rows')
const { width: windowWidth, height: windowHeight } = useWindowSize()
const count = computed(() => rowsIn(windowHeight.value))
const top = ref(placeOf(FIRST) * ROW_HEIGHT)
const isScrolling = refAutoReset(false, RESTS_AFTER)
function follow() {
  top.value = rows.value!.scrollTop
  isScrolling.value = true
}
const first = computed(() =>
  Math.max(0, Math.min(ORDERS.length - count.value, Math.floor(top.value / ROW_HEIGHT) - 1)),
)
const rowOf = computed(() =>
  rowsOf(
    props.columns.map(({ plan }) => plan),
    columnWidth(windowWidth.value, props.columns.length),
    LABEL_SIZE,
  ),
)

/**
 * The rows in sight. One that leaves the sight is taken for one that comes into it; while the hand
 * scrolls none is moved in the document, which would lay out all of them.
 */
const seen = computed(() => {
  const found = Array.from({ length: count.value }, (_, at) => {
    const place = first.value + at
    return { place, order: ORDERS[place]!, row: rowOf.value(ORDERS[place]!) }
  })
  return isScrolling.value
    ? found.sort((a, b) => (a.place % count.value) - (b.place % count.value))
    : found
})
const jump = (order: number) => rows.value?.scrollTo({ top: placeOf(order) * ROW_HEIGHT })
defineExpose({ jump })
onMounted(() => jump(FIRST))
</script>

<template>
  <div
    class="sweep"
    role="table"
    :aria-label="words.everyOrderMagnitude"
    :aria-rowcount="ORDERS.length + 1"
    :style="{
      '--columns': columns.length,
      '--row-height': `${ROW_HEIGHT}px`,
      '--names': `${NAMES_WIDTH}px`,
      '--least': `${LEAST_WIDTH}px`,
      '--most': `${MOST_WIDTH}px`,
      fontSize: `${LABEL_SIZE}px`,
    }"
  >
    <div class="row head" role="row">
      <span role="columnheader">{{ words.order }}</span>
      <span role="columnheader">{{ words.called }}</span>
      <span role="columnheader">{{ words.edge }}</span>
      <span v-for="(column, at) in columns" :key="at" role="columnheader" class="number">{{
        column.title
      }}</span>
    </div>
    <div ref="rows" class="rows" role="rowgroup" tabindex="0" @scroll.passive="follow">
      <div role="presentation" class="all" :style="{ height: `${ORDERS.length * ROW_HEIGHT}px` }">
        <div
          v-for="{ place, order, row } in seen"
          :key="place % count"
          v-memo="[row]"
          class="row order-row"
          role="row"
          :data-order="order"
          :aria-rowindex="place + 2"
          :style="{ transform: `translateY(${place * ROW_HEIGHT}px)` }"
        >
          <span role="rowheader"><PowerOfTen :power="order" /></span>
          <span role="cell" class="name"
            >{{ row.name }} <span class="soft">{{ row.symbols }}</span></span
          >
          <span role="cell" class="edges">{{ EDGES }}</span>
          <span
            v-for="({ labels, turn }, at) in row.cells"
            :key="at"
            role="cell"
            class="number labels"
            :class="{ turn }"
            ><span v-if="turn" class="turned">↓ {{ characterName(turn) }}</span
            >{{ labels }}</span
          >
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.sweep {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  max-width: calc(var(--names) + 4 * var(--gap-4) + var(--columns) * (var(--most) + var(--gap-4)));
  min-height: 0;
  overflow-x: auto;
  background: var(--sheet);
  box-shadow: var(--shadow);
  font-variant-numeric: tabular-nums;
}

.rows {
  overflow-y: auto;
}

.all {
  position: relative;
}

.rows,
.head {
  min-width: calc(var(--names) + 4 * var(--gap-4) + var(--columns) * (var(--least) + var(--gap-4)));
}

/* Boxes of given widths in a row are laid out in two thirds of the time that a grid takes. */
.row {
  display: flex;
  gap: var(--gap-4);
  padding: 0 var(--gap-4);
  border-bottom: 1px solid var(--rule-soft);
}

/* Nothing in a row reaches out of it, so that a change in one lays out that one. */
.order-row {
  position: absolute;
  width: 100%;
  height: var(--row-height);
  contain: strict;
}

.head {
  white-space: nowrap;
  padding-block: var(--gap-2);
  font-weight: 600;
  border-bottom: 1px solid var(--ink-soft);
}

.row > :nth-child(1) {
  flex: 0 0 52px;
  font-weight: 600;
}

.row > :nth-child(2) {
  flex: 0 0 200px;
}

.row > :nth-child(3) {
  flex: 0 0 76px;
}

.edges,
.labels {
  line-height: calc((var(--row-height) - 2px) / 3);
  white-space: pre;
}

.edges {
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.number {
  position: relative;
  flex: 1 0 var(--least);
  width: 0;
  overflow: hidden;
  text-align: right;
  text-overflow: ellipsis;
}

.turn {
  box-shadow: inset 0 2px 0 var(--rosewood);
}

.turned {
  position: absolute;
  top: 0;
  left: 0;
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
