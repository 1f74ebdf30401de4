<script setup lang="ts">
import type { Value } from '~~/core/label/types'
import type { TickPlace } from '~~/shared/forms/types'
import type { PlaceSet } from '~/features/margin/cards'
import { vLabel } from '~/controls/vLabel'

/** The axis of a chart: a line across it and a label for each tick. */
defineProps<{
  ticks: readonly TickPlace[]
  /** The place of the first tick among those of all axes. */
  first: number
  /** What a tick is known by. */
  values: readonly Value[]
  /** Labels come as they change, so that the drawing need not. */
  labels: Readonly<Ref<readonly string[]>>
  flagged: PlaceSet
  /**
   * What a machine writes of each tick, and where it stands from the tick's label; none where
   * nobody asks.
   */
  machine: readonly string[]
  machineAt: { readonly x: number | null; readonly below: number }
}>()
</script>

<template>
  <g>
    <g v-for="(tick, at) in ticks" :key="`tick ${values[first + at]}`">
      <line
        :x1="tick.line[0]"
        :y1="tick.line[1]"
        :x2="tick.line[2]"
        :y2="tick.line[3]"
        :class="['grid', { zero: tick.isZero }]"
      />
      <text
        v-label="() => labels.value[first + at]"
        :x="tick.x"
        :y="tick.y"
        :text-anchor="tick.anchor"
        data-surface="axis"
        :data-at="first + at"
        :class="['label', { flagged: flagged.has(first + at) }]"
      />
      <text
        v-if="machine.length > 0"
        :x="machineAt.x ?? tick.x"
        :y="tick.y + machineAt.below"
        :text-anchor="tick.anchor"
        class="machine"
      >
        {{ machine[first + at] }}
      </text>
    </g>
  </g>
</template>

<style scoped>
.grid {
  stroke: var(--rule-soft);
}

.grid.zero {
  stroke: var(--ink-soft);
}

.label {
  fill: var(--ink);
}

.flagged {
  fill: var(--rosewood);
  text-decoration: var(--misleading);
  text-underline-offset: 3px;
}

.machine {
  fill: var(--ink-faint);
  font-size: 12px;
}
</style>
