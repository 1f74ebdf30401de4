<script setup lang="ts">
import { words as catalogue } from '~~/words'

const words = catalogue.sweep.powerOfTen
/** A power of ten with its exponent raised; the typeface has no raised digits above three. */
defineProps<{ power: number }>()
</script>

<template>
  <span :aria-label="words.to({ power })" role="text"
    >10<sup aria-hidden="true">{{ String(power).replace('-', '−') }}</sup></span
  >
</template>

<style scoped>
sup {
  font-size: 0.72em;
  line-height: 0;
}
</style>
