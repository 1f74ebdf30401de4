<script setup lang="ts">
import { vLabel } from '~/desk/label'

/** What a reader sees who points at a mark. */
defineProps<{ name: string; title: string; label: () => string; at: number; flagged: boolean; fontSize: number }>()
</script>

<template>
  <div class="tip" :style="{ fontSize: `${fontSize}px` }" role="note" :aria-label="`Tooltip of ${name}`">
    <span class="name">{{ name }}</span>
    <span class="title">{{ title }}</span>
    <b v-label="label" data-surface="tooltip" :data-at="at" :class="{ flagged }" />
  </div>
</template>

<style scoped>
.tip {
  display: grid;
  grid-template-columns: auto auto;
  gap: 0 var(--gap-3);
  padding: var(--gap-1) var(--gap-2);
  background: var(--sheet);
  border: 1px solid var(--ink-soft);
  border-radius: 3px;
  box-shadow: var(--shadow);
  white-space: nowrap;
}

.name {
  grid-column: 1 / -1;
  font-weight: 600;
}

.title {
  color: var(--ink-soft);
}

b {
  text-align: right;
}
</style>
