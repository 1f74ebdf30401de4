<script setup lang="ts">
import type { Page } from './usePage'

/**
 * Why a screen has no numbers to show: they failed to come, there are none, or they are on their
 * way.
 */
defineProps<{ page: Page; isFiltered?: boolean }>()
</script>

<template>
  <p v-if="page.trouble.value" class="trouble" role="alert">{{ page.trouble.value }}</p>
  <p v-else-if="page.rows.value" class="soft">
    {{
      isFiltered
        ? 'No row that is shown holds a number. Show all rows, or others, above.'
        : 'This column holds no number. Choose another quantity above.'
    }}
  </p>
  <p v-else class="soft" role="status">Fetching the numbers…</p>
</template>

<style scoped>
.trouble {
  color: var(--rosewood);
}
</style>
