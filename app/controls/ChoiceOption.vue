<script setup lang="ts">
/**
 * A choice in a list, with how it writes the study's own numbers, or with the reason why it cannot be
 * taken.
 */
defineProps<{ title: string; sample: string; refused?: string }>()
</script>

<template>
  <span class="choice"
    ><span>{{ title }}</span
    >{{ ' ' }}
    <span v-if="refused" class="refused">{{ refused }}</span>
    <span v-else class="sample">{{ sample }}</span></span
  >
</template>

<style scoped>
.choice {
  display: flex;
  gap: var(--gap-5);
  justify-content: space-between;
  width: 100%;
}

.refused {
  max-width: 22rem;
  color: var(--ink-soft);
  font-size: var(--text-small);
  text-align: end;
  text-wrap: pretty;
  white-space: normal;
}

.sample {
  color: var(--ink-soft);
  white-space: pre;
}
</style>
