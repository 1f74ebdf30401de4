<script setup lang="ts">
import type { Value } from '~~/core/label/types'
import type { Direction } from '~~/core/locale/direction'
import { LEADING } from '~~/shared/forms/places'
import type { ChartForm, Geometry } from '~~/shared/forms/types'
import type { MarkText } from '~~/shared/page/marks'
import { wrapped } from '~~/shared/page/layout'
import type { SecondAxis } from '~~/shared/page/second'
import type { PanelDrawing, PanelGrid } from '~~/shared/page/values'
import type { PlaceSet } from '~/features/margin/cards'

/** One panel of the chart, drawn as it is laid out. */
const props = defineProps<{
  form: ChartForm
  direction: Direction
  panel: PanelDrawing
  geometry: Geometry
  grid: PanelGrid
  tickValues: readonly Value[]
  /** Labels come as they change, so that the drawing need not. */
  tickLabels: Readonly<Ref<readonly string[]>>
  markLabels: Readonly<Ref<readonly string[]>>
  beside: Readonly<Ref<readonly (readonly MarkText[])[]>>
  /**
   * How many lines a mark's label takes, and whether labels go into marks that have room for them.
   */
  lines: number
  inside: boolean
  /** Whether labels of marks stand upright. */
  turned: boolean
  flaggedTicks: PlaceSet
  flaggedMarks: PlaceSet
  hasMarks: boolean
  /** The bin of each mark, where they are shaded. */
  bins: readonly number[] | null
  /** What a machine writes of each tick, and the room that it has; none where nobody asks. */
  machine: readonly string[]
  machineRoom: number
  fontSize: number
  /** Of the labels of the marks. */
  markSize: number
  title: string
  axisTitle: string
  /** All that it shows, in words. */
  description: string
  /** Another quantity with an axis of its own. */
  second: SecondAxis | null
  /** The mark whose tooltip is shown. */
  tip: number | null
}>()
const emit = defineEmits<{ point: [at: number]; takeSecond: [id: string] }>()

const isBelow = computed(() => props.form.axis === 'below')
const groups = computed(() => props.panel.drawing.groups)
const isRightToLeft = computed(() => props.direction === 'rtl')
/** How far from the side at which lines begin. */
const atSide = (x: number) => (isRightToLeft.value ? props.grid.width - x : x)
/** Under the labels of an axis below; else before those at the left. */
const machineAt = computed(() => ({
  below: isBelow.value ? props.fontSize * 1.3 : 0,
  x: isBelow.value ? null : atSide(props.machineRoom),
}))

/**
 * A tooltip of two lines stands above its mark's label where there is room, beside it elsewhere.
 */
const tipRoom = computed(() => 3 * props.fontSize + 14)
/** How far its wide side and half a label beside it reach. */
const TIP_REACH = 150
const tipAt = computed(() => {
  const { marks } = props.geometry
  const mark = props.tip === null ? undefined : marks[props.tip]
  if (!mark) return null
  if (props.form.tooltip) return props.form.tooltip(mark.label, props.grid.width)
  const { x, y } = mark.label
  const isRight = x > props.grid.width / 2
  // It hides no label beside it.
  const near = marks.filter(({ label }) => Math.abs(label.x - x) < TIP_REACH)
  const top = Math.min(...near.map(({ label }) => label.y)) - props.fontSize * LEADING * props.lines
  return top > tipRoom.value
    ? { x, y: top, across: isRight ? '-82%' : '-18%', up: '-100%' }
    : { x: x + (isRight ? -14 : 14), y: y + 10, across: isRight ? '-100%' : '0', up: '0' }
})
</script>

<template>
  <div class="frame" :style="{ width: `${grid.width}px`, height: `${grid.height}px` }">
    <svg
      :width="grid.width"
      :height="grid.height"
      role="img"
      :aria-label="title"
      :direction="isRightToLeft ? 'rtl' : undefined"
      class="chart"
      :style="{ fontSize: `${fontSize}px` }"
    >
      <desc>{{ description }}</desc>
      <text :x="atSide(0)" :y="12" class="axis-title">{{ axisTitle }}</text>
      <ChartAxis
        v-if="panel.hasAxis"
        :ticks="geometry.ticks"
        :first="panel.firstTick"
        :values="tickValues"
        :labels="tickLabels"
        :flagged="flaggedTicks"
        :machine="machine"
        :machine-at="machineAt"
      />
      <template v-if="second && geometry.second.length > 0">
        <text :x="atSide(grid.width)" :y="12" text-anchor="end" class="axis-title second">
          {{ second.title }}
        </text>
        <text
          v-for="(spot, at) in geometry.second"
          :key="`second ${at}`"
          :x="spot.x"
          :y="spot.y"
          class="second"
          data-second
          @click="emit('takeSecond', second.id)"
        >
          {{ second.labels[at] }}
        </text>
      </template>
      <path v-if="geometry.area" :d="geometry.area" class="area" />
      <path v-if="geometry.line" :d="geometry.line" class="line" />
      <MarkShapes
        :form="form"
        :marks="geometry.marks"
        :first="panel.first"
        :labelled="panel.drawing.labelled"
        :bins="bins"
        :tip="tip"
        @point="emit('point', $event)"
      />
      <path v-if="geometry.secondLine" :d="geometry.secondLine" class="second-line" />
      <MarkLabels
        v-if="hasMarks"
        :form="form"
        :marks="geometry.marks"
        :labelled="panel.drawing.labelled"
        :first-label="panel.firstLabel"
        :labels="markLabels"
        :beside="beside"
        :lines="lines"
        :inside="inside"
        :turned="turned"
        :is-right-to-left="isRightToLeft"
        :is-over="geometry.line !== null"
        :flagged="flaggedMarks"
        :font-size="markSize"
      />
      <text
        v-for="name in geometry.names"
        :key="`name ${name.at}`"
        :x="name.x"
        :y="name.y"
        :text-anchor="name.anchor"
        class="category"
      >
        <title>{{ groups[name.at]!.category }}</title>
        <tspan
          v-for="(line, row) in wrapped(groups[name.at]!.category, name)"
          :key="row"
          :x="name.x"
          :dy="row === 0 ? 0 : fontSize * 1.1"
        >
          {{ line }}
        </tspan>
      </text>
    </svg>
    <div
      v-if="tipAt"
      class="tip"
      :style="{
        left: `${tipAt.x}px`,
        top: `${tipAt.y}px`,
        transform: `translate(${tipAt.across}, ${tipAt.up})`,
      }"
    >
      <slot />
    </div>
    <slot name="over" :marks="geometry.marks" />
  </div>
</template>

<style scoped>
/* Its size is given, so that a change in it lays out nothing else. */
.frame {
  position: relative;
  /* A tooltip at its side stands over the table. */
  z-index: 1;
  contain: layout size;
}

.tip {
  position: absolute;
}

.chart {
  display: block;
}

.second {
  fill: var(--amber);
  cursor: pointer;
}

.second-line {
  fill: none;
  stroke: var(--amber);
  stroke-width: 2;
  pointer-events: none;
}

.line {
  fill: none;
  stroke: var(--mark);
  stroke-width: 1.5;
}

.area {
  fill: var(--mark);
  opacity: 0.28;
}

.axis-title {
  fill: var(--ink-soft);
  font-size: 12px;
}

.category {
  fill: var(--ink-soft);
  font-size: 0.92em;
}
</style>
