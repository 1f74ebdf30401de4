<script setup lang="ts">
import { refAutoReset, useWindowSize } from '@vueuse/core'
import { characterName, type OrderRange } from '~~/core/compare/magnitudes'
import { LABEL_SIZE } from '~/features/compare/useCompare'
import type { SweepColumn } from './useSweep'
import {
  columnWidth,
  foldOf,
  isFold,
  LEAST_WIDTH,
  type Line,
  linesOf,
  MOST_WIDTH,
  NAMES_WIDTH,
  placeOf,
  ROW_HEIGHT,
  rowsIn,
  rowsOf,
} from './orderRows'
import { words as catalogue } from '~~/words'

const words = catalogue.sweep.sweepTable

/**
 * One style a column, one order of magnitude a row, each with the labels just under it, on it and
 * just over; orders in which nothing happens are folded into one row.
 */
const props = defineProps<{
  columns: readonly SweepColumn[]
  folds: readonly OrderRange[]
  /** The order that stands first in sight. */
  first: number
}>()

/** Milliseconds after the last scrolling. */
const RESTS_AFTER = 150

/** Folded runs that were opened, by their first order. */
const opened = ref<ReadonlySet<number>>(new Set())
const lines = computed(() => linesOf(props.folds, opened.value))

const rows = useTemplateRef<HTMLElement>('rows')
const { width: windowWidth, height: windowHeight } = useWindowSize()
const count = computed(() => rowsIn(windowHeight.value, lines.value.length))
const top = ref(placeOf(lines.value, props.first) * ROW_HEIGHT)
const isScrolling = refAutoReset(false, RESTS_AFTER)
function follow() {
  top.value = rows.value!.scrollTop
  isScrolling.value = true
}
const firstLine = computed(() =>
  Math.max(0, Math.min(lines.value.length - count.value, Math.floor(top.value / ROW_HEIGHT) - 1)),
)
const rowOf = computed(() =>
  rowsOf(
    props.columns.map(({ plan }) => plan),
    columnWidth(windowWidth.value, props.columns.length),
    LABEL_SIZE,
  ),
)
const orderOf = (line: Line) => (isFold(line) ? line.from : line.order)

/**
 * The rows in sight. One that leaves the sight is taken for one that comes into it; while the hand
 * scrolls none is moved in the document, which would lay out all of them.
 */
const seen = computed(() => {
  const found = Array.from({ length: count.value }, (_, at) => {
    const place = firstLine.value + at
    const line = lines.value[place]!
    const row = isFold(line) ? foldOf(line, rowOf.value) : rowOf.value(line.order)
    return { place, line, order: orderOf(line), row }
  })
  return isScrolling.value
    ? found.sort((a, b) => (a.place % count.value) - (b.place % count.value))
    : found
})
const scrollTo = (order: number, past = 0) =>
  rows.value?.scrollTo({ top: placeOf(lines.value, order) * ROW_HEIGHT + past })
const open = (from: number) => (opened.value = new Set([...opened.value, from]))
/** Goes to an order; in a folded run to all of its rows, unless it is asked for as the run's end. */
async function jump(order: number) {
  const fold = props.folds.find(({ from, to }) => from > order && to < order)
  goal = order
  if (fold) open(fold.from)
  await nextTick()
  scrollTo(order)
}
/** Where a jump leads, so that nothing holds it back. */
let goal: number | null = null
/** The lines that the place of the scrolling is about: those of now, once they are laid out. */
let laidOut = lines.value
const inSight = () =>
  orderOf(laidOut[Math.min(laidOut.length - 1, Math.floor(top.value / ROW_HEIGHT))]!)
defineExpose({ jump })
onMounted(() => scrollTo(props.first))
/** What is in sight stays where it is when rows above it are folded or unfolded. */
watch(lines, async (now) => {
  const past = goal === null ? top.value % ROW_HEIGHT : 0
  const order = goal ?? inSight()
  goal = null
  laidOut = now
  top.value = placeOf(now, order) * ROW_HEIGHT + past
  await nextTick()
  scrollTo(order, past)
})
/** A run that is looked at is not folded under the hand. */
watch(
  () => props.folds,
  (folds) => {
    const order = goal ?? inSight()
    const fold = folds.find(({ from, to }) => from > order && to < order)
    if (fold) open(fold.from)
  },
  { flush: 'sync' },
)
watch(
  () => props.columns,
  () => (opened.value = new Set()),
)
</script>

<template>
  <div
    class="sweep"
    role="table"
    :aria-label="words.title"
    :aria-rowcount="lines.length + 1"
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
      <span role="columnheader">{{ words.name }}</span>
      <span role="columnheader" class="tried">{{ words.edgeValue }}</span>
      <span v-for="(column, at) in columns" :key="at" role="columnheader" class="number">{{
        column.title
      }}</span>
    </div>
    <div ref="rows" class="rows" role="rowgroup" tabindex="0" @scroll.passive="follow">
      <div role="presentation" class="all" :style="{ height: `${lines.length * ROW_HEIGHT}px` }">
        <div
          v-for="{ place, line, order, row } in seen"
          :key="place % count"
          v-memo="[row]"
          class="row order-row"
          role="row"
          :data-order="order"
          :aria-rowindex="place + 2"
          :style="{ transform: `translateY(${place * ROW_HEIGHT}px)` }"
        >
          <span role="rowheader"><PowerOfTen :power="order" /></span>
          <span v-if="isFold(line)" role="cell" class="name fold"
            ><span>{{ words.downTo }} <PowerOfTen :power="line.to" /></span>
            <QuietButton @click="open(line.from)">{{
              words.unfold({ count: line.from - line.to + 1 })
            }}</QuietButton></span
          >
          <span v-else role="cell" class="name"
            >{{ row.name }} <span class="soft">{{ row.symbols }}</span></span
          >
          <span role="cell" class="edges">{{ row.tried }}</span>
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
  flex: 0 0 120px;
}

.tried {
  text-align: right;
}

.fold {
  display: grid;
  align-content: center;
  justify-items: start;
  color: var(--ink-soft);
}

.edges,
.labels {
  line-height: calc((var(--row-height) - 2px) / 3);
  white-space: pre;
}

.edges {
  overflow: hidden;
  color: var(--ink-soft);
  font-size: var(--text-small);
  text-align: right;
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
