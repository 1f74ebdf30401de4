<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import { characterText, edgesOf, LARGEST_ORDER, nameOf, ORDERS, type Turn } from '~~/core/compare/sweep'
import { toExactText } from '~~/core/decimal/decimal'
import type { Labeller } from '~~/core/label/labeller'

/** One style a column, one order of magnitude a row, each with the labels just under it, on it and just over. */
interface Swept {
  readonly title: string
  readonly writer: Labeller
  readonly turns: readonly Turn[]
}
const props = defineProps<{ columns: readonly Swept[] }>()

const ROW_HEIGHT = 62
const orders = ref(ORDERS)
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(orders, { itemHeight: ROW_HEIGHT, overscan: 2 })
/** The turns of each style by the order at which they stand. */
const turnsAt = computed(() => props.columns.map(({ turns }) => new Map(turns.map((turn) => [turn.order, turn]))))
const EDGES = ['just under', 'at', 'just over'] as const
const labels = (at: number, order: number) => edgesOf(order).map((value) => props.columns[at]!.writer.label(toExactText(value)))
const jump = (order: number) => scrollTo(LARGEST_ORDER - order)
defineExpose({ jump })
// The orders that charts are about stand in sight first.
const FIRST = 9
onMounted(() => jump(FIRST))
</script>

<template>
  <div class="sweep" role="table" aria-label="Every order of magnitude" :aria-rowcount="ORDERS.length + 1" :style="{ '--columns': columns.length }">
    <div class="row head" role="row">
      <span role="columnheader">Order</span>
      <span role="columnheader">called</span>
      <span role="columnheader" class="edge">edge</span>
      <span v-for="(column, at) in columns" :key="at" role="columnheader" class="number">{{ column.title }}</span>
    </div>
    <div :ref="containerProps.ref" class="rows" role="rowgroup" tabindex="0" @scroll="containerProps.onScroll">
      <div role="presentation" :style="wrapperProps.style">
        <div v-for="{ data: order } in list" :key="order" class="row" role="row" :data-order="order" :style="{ height: `${ROW_HEIGHT}px` }">
          <span role="rowheader" class="order"><PowerOfTen :power="order" /></span>
          <span role="cell" class="name">{{ nameOf(order).name }} <span v-if="nameOf(order).symbol || nameOf(order).prefix" class="soft">{{ [nameOf(order).symbol, nameOf(order).prefix && `SI ${nameOf(order).prefix}`].filter(Boolean).join(', ') }}</span></span>
          <span role="cell" class="edges"><span v-for="edge in EDGES" :key="edge">{{ edge }}</span></span>
          <span v-for="(_, at) in columns" :key="at" role="cell" class="number labels" :class="{ turn: turnsAt[at]!.has(order) }">
            <span v-if="turnsAt[at]!.has(order)" class="turned">from here down {{ characterText(turnsAt[at]!.get(order)!.to) }}</span>
            <span v-for="(label, edge) in labels(at, order)" :key="edge">{{ label }}</span>
          </span>
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.sweep {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
  overflow-x: auto;
  background: var(--sheet);
  box-shadow: var(--shadow);
  font-variant-numeric: tabular-nums;
}

.rows {
  min-width: max-content;
  overflow-y: auto;
}

.row {
  display: grid;
  grid-template-columns: 52px 200px 76px repeat(var(--columns), minmax(190px, 1fr));
  gap: 0 var(--gap-4);
  padding: 0 var(--gap-4);
  border-bottom: 1px solid var(--rule-soft);
}

.head {
  min-width: max-content;
  padding-block: var(--gap-2);
  font-weight: 600;
  border-bottom: 1px solid var(--ink-soft);
}

.order {
  font-weight: 600;
}

.edges,
.labels {
  display: grid;
  grid-template-rows: repeat(3, 1fr);
  align-items: center;
  line-height: 1.2;
}

.edges {
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.number {
  position: relative;
  overflow: hidden;
  text-align: right;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.labels > span {
  overflow: hidden;
  text-overflow: ellipsis;
}

.turn {
  box-shadow: inset 0 2px 0 var(--rosewood);
}

.labels > .turned {
  position: absolute;
  top: 4px;
  left: 0;
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
