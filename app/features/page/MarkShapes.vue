<script setup lang="ts">
import type { ChartForm, MarkPlace } from '~~/shared/forms/types'

/** The marks of a chart without their labels. */
const props = defineProps<{
  form: ChartForm
  marks: readonly MarkPlace[]
  /** The place of its first mark among those of all panels. */
  first: number
  /** Places of the marks that carry a label. */
  labelled: readonly number[]
  /** The bin of each mark of all panels, where they are shaded. */
  bins: readonly number[] | null
  /** The mark whose tooltip is shown. */
  tip: number | null
}>()
const emit = defineEmits<{ point: [at: number] }>()

/** Neighbours in a ring are told apart by shades that come in turn, from this one on. */
const [TURNS, FIRST_SHADE] = [4, 2]
const hasLabel = computed(() => new Set(props.labelled))
const radius = (at: number) =>
  hasLabel.value.has(at) ? props.form.dot.labelled : props.form.dot.bare
function shadeAt(at: number): number | null {
  if (props.bins) return props.bins[at + props.first]! + 1
  return props.form.isShaded ? (at % TURNS) + FIRST_SHADE : null
}
function fillAt(at: number) {
  const shade = shadeAt(at)
  return shade === null ? undefined : { fill: `var(--shade-${shade})` }
}
</script>

<template>
  <g>
    <g
      v-for="({ shape }, at) in marks"
      :key="at"
      :class="['shape', { tipped: tip === at }]"
      :style="fillAt(at)"
      :data-mark="at + first"
      @pointerenter="emit('point', at + first)"
    >
      <rect
        v-if="shape.kind === 'rect'"
        :x="shape.x"
        :y="shape.y"
        :width="shape.width"
        :height="shape.height"
      />
      <template v-else-if="shape.kind === 'stack'">
        <rect
          v-for="(rect, piece) in shape.rects"
          :key="piece"
          v-bind="rect"
          :style="{ fill: `var(--colour-${piece + 1})` }"
        />
      </template>
      <circle v-else-if="shape.kind === 'dot'" :cx="shape.x" :cy="shape.y" :r="radius(at)" />
      <path v-else :d="shape.d" :transform="`translate(${shape.x} ${shape.y})`" />
    </g>
  </g>
</template>

<style scoped>
.shape {
  fill: var(--mark);
}

.shape.tipped {
  stroke: var(--ink);
  stroke-width: 1.5;
}
</style>
