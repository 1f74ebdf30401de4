<script setup lang="ts">
/** An arrow back, or forth: a step is taken back, or done again. */
defineProps<{ forth?: boolean }>()
</script>

<template>
  <svg
    width="16"
    height="16"
    viewBox="0 0 16 16"
    fill="none"
    stroke="currentColor"
    stroke-width="1.6"
    aria-hidden="true"
    :style="{ transform: forth ? 'scaleX(-1)' : undefined }"
  >
    <path d="M6 3 2.5 6.5 6 10M3 6.5h6.5a3.5 3.5 0 0 1 0 7H7" />
  </svg>
</template>
