<script setup lang="ts">
import type { FullStyle } from '~~/core/style/fields'

/** A number in a column of a table, its two halves where the column's alignment has them. */
defineProps<{
  align: FullStyle['align']
  halves: readonly [string, string]
  /** How wide the second halves of the column are. */
  tail: string
}>()
</script>

<template>
  <span class="number" :class="align"
    ><span>{{ halves[0] }}</span
    ><span class="tail" :style="{ width: align === 'decimal' ? tail : 'auto' }">{{
      halves[1]
    }}</span></span
  >
</template>
