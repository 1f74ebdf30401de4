<script setup lang="ts">
import type { Decimal } from '~~/core/decimal/decimal'
import { alongAxis, type AxisKind } from '~~/core/ticks/along'
import type { Span } from '~~/core/ticks/linear'
import type { PlaceSet } from '~/features/margin/cards'

/** An axis as a ruler: ticks at their places, labels at their real size. */
const props = withDefaults(
  defineProps<{
    reach: Span
    kind?: AxisKind
    values: readonly Decimal[]
    labels: readonly string[]
    width: number
    fontSize: number
    turned?: boolean
    flagged?: PlaceSet
    title: string
    /** Room above it for handles. */
    head?: number
  }>(),
  { flagged: () => new Set<number>() as PlaceSet, head: 0, kind: 'linear' },
)

const PAD = 56
const BAND = 14
const TURNED_ROOM = 84
const along = computed(() => alongAxis(props.kind, props.reach))
const xOf = (value: Decimal) => PAD + along.value(value) * props.width
const baseline = computed(() => props.head + BAND)
const labelRoom = computed(() => (props.turned ? TURNED_ROOM : props.fontSize * 1.6) + 8)
const height = computed(() => baseline.value + labelRoom.value)
</script>

<template>
  <svg :width="width + 2 * PAD" :height="height" role="group" :aria-label="title" class="ruler">
    <rect :x="PAD" :y="head" :width="width" :height="BAND" class="band" />
    <g v-for="(value, at) in values" :key="at" :transform="`translate(${xOf(value)} 0)`">
      <line :y1="head + 2" :y2="baseline + 5" class="tick" />
      <text
        :y="turned ? 0 : baseline + 5 + fontSize"
        :transform="turned ? `translate(${fontSize * 0.35} ${baseline + 8}) rotate(90)` : undefined"
        :text-anchor="turned ? 'start' : 'middle'"
        :font-size="fontSize"
        :class="{ flagged: flagged.has(at) }"
        data-ruler-label
      >
        {{ labels[at] }}
      </text>
    </g>
    <slot :x="xOf" :pad="PAD" />
  </svg>
</template>

<style scoped>
.ruler {
  display: block;
  flex: none;
  overflow: visible;
}

.band {
  fill: var(--rule-soft);
  stroke: var(--rule);
}

.tick {
  stroke: var(--ink);
}

text {
  fill: var(--ink);
}

.flagged {
  fill: var(--rosewood);
  text-decoration: var(--misleading);
  text-underline-offset: 3px;
}
</style>
