<script setup lang="ts">
import type { headsOf, RailGeometry } from './railGeometry'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.railGround

/**
 * What stands still on the rail while its handles move: columns and their names, rows and theirs.
 */
defineProps<{
  places: RailGeometry
  heads: ReturnType<typeof headsOf>
  names: readonly string[]
  width: number
}>()

const ABOVE = 10
</script>

<template>
  <svg class="still" :width="width" :height="places.height" aria-hidden="true">
    <template v-for="{ power, name } in heads" :key="power">
      <rect
        v-if="Math.floor(power / 3) % 2 === 0"
        :x="places.right(power + 1)"
        :y="places.head - 4"
        :width="places.right(power) - places.right(power + 1)"
        :height="places.bottom - places.head + 8"
        class="band"
      />
      <text :x="places.middle(power)" :y="places.head - ABOVE" text-anchor="middle">
        {{ name }}
      </text>
    </template>
    <text :x="places.end" :y="places.head - ABOVE">{{ words.written }}</text>
    <text :x="places.saidAt" :y="places.head - ABOVE" text-anchor="end">{{ words.readAs }}</text>
    <text :x="places.offAt" :y="places.head - ABOVE" text-anchor="end">{{ words.offBy }}</text>
    <template v-for="(name, at) in names" :key="at">
      <text x="0" :y="places.axis(at) + 4">{{ name }}</text>
      <line
        :x1="places.start"
        :x2="places.last"
        :y1="places.top(at + 1) - 1"
        :y2="places.top(at + 1) - 1"
        class="row"
      />
      <line
        :x1="places.last + 4"
        :x2="places.end - 4"
        :y1="places.axis(at)"
        :y2="places.axis(at)"
        class="rod"
      />
    </template>
  </svg>
</template>

<style scoped>
svg {
  position: absolute;
  inset: 0;
}

text {
  fill: var(--ink-soft);
  font-size: var(--text-small);
}

.band {
  fill: rgb(214 199 168 / 22%);
}

.row {
  stroke: var(--rule-soft);
}

.rod {
  stroke: var(--rule);
  stroke-dasharray: 2 2;
}
</style>
