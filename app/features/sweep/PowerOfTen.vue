<script setup lang="ts">
/** A power of ten with its exponent raised; the typeface has no raised digits above three. */
defineProps<{ power: number }>()
</script>

<template>
  <span :aria-label="`10 to the ${power}`" role="text"
    >10<sup aria-hidden="true">{{ String(power).replace('-', '−') }}</sup></span
  >
</template>

<style scoped>
sup {
  font-size: 0.72em;
  line-height: 0;
}
</style>
