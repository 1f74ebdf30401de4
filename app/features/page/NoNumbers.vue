<script setup lang="ts">
import type { Page } from './usePage'
import { words as catalogue } from '~~/words'

const words = catalogue.page.noNumbers

/**
 * Why a screen has no numbers to show: they failed to come, there are none, or they are on their
 * way.
 */
defineProps<{ page: Page; isFiltered?: boolean }>()
</script>

<template>
  <p v-if="page.trouble.value" class="trouble" role="alert">{{ page.trouble.value }}</p>
  <p v-else-if="page.rows.value" class="soft">
    {{ isFiltered ? words.noRows : words.noColumn }}
  </p>
  <p v-else class="soft" role="status">{{ words.loading }}</p>
</template>

<style scoped>
.trouble {
  color: var(--rosewood);
}
</style>
