<script setup lang="ts">
import type { PlaceSet } from '~/features/margin/cards'
import { vLabel } from '~/controls/vLabel'
import { areSureToFit } from './width'
import { words as catalogue } from '~~/words'

const words = catalogue.page.legendStrip

/** Shades with the range of numbers that each stands for. */
const props = defineProps<{
  title: string
  labels: Readonly<Ref<readonly string[]>>
  count: number
  flagged: PlaceSet
  fontSize: number
  width: number
}>()

/** What a bin takes beside its label: its shade and the gaps. */
const BIN = 36
const isOneLine = computed(() =>
  areSureToFit([props.title, ...props.labels.value], {
    size: props.fontSize,
    beside: BIN * props.count,
    room: props.width,
  }),
)
</script>

<template>
  <div>
    <p
      class="legend"
      :class="{ single: isOneLine }"
      data-picture="words"
      data-head="legend"
      :style="{ fontSize: `${fontSize}px` }"
      role="list"
      :aria-label="words.legend({ title })"
    >
      <span class="title">{{ title }}</span>
      <span v-for="at in count" :key="at" role="listitem" class="bin">
        <span class="swatch" :style="{ background: `var(--shade-${at})` }" />
        <span
          v-label="() => labels.value[at - 1]"
          data-surface="legend"
          :data-at="at - 1"
          :class="{ flagged: flagged.has(at - 1) || flagged.has(at) }"
        />
      </span>
    </p>
  </div>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 2px var(--gap-4);
  align-items: center;
}

.title {
  color: var(--ink-soft);
}

.bin {
  display: flex;
  gap: 6px;
  align-items: center;
}

.swatch {
  width: 14px;
  height: 10px;
  border-radius: 2px;
}
</style>
