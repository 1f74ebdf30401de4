<script setup lang="ts">
import { words as catalogue } from '~~/words'

const words = catalogue.page.colourKey
/** What the colours of a chart's pieces stand for. */
defineProps<{ names: readonly string[]; fontSize: number }>()
</script>

<template>
  <ul
    class="key"
    data-picture="words"
    :style="{ fontSize: `${fontSize}px` }"
    :aria-label="words.colours"
  >
    <li v-for="(name, at) in names" :key="name">
      <span class="swatch" :style="{ background: `var(--colour-${at + 1})` }" />{{ name }}
    </li>
  </ul>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 2px var(--gap-4);
  padding: 0;
  margin: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 6px;
  align-items: center;
}

.swatch {
  width: 10px;
  height: 10px;
  border-radius: 2px;
}
</style>
