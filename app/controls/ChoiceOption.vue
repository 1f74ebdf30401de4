<script setup lang="ts">
/** A choice in a list, with how it writes the study's own numbers. */
defineProps<{ title: string; sample: string }>()
</script>

<template>
  <span class="choice"
    ><span>{{ title }}</span> <span class="sample">{{ sample }}</span></span
  >
</template>

<style scoped>
.choice {
  display: flex;
  gap: var(--gap-5);
  justify-content: space-between;
  width: 100%;
}

.sample {
  color: var(--ink-soft);
  white-space: pre;
}
</style>
