<script setup lang="ts">
import type { NuxtError } from '#app'

/** What went wrong where a page cannot be shown at all, and the way back. */
const props = defineProps<{ error: NuxtError }>()
const isMissing = computed(() => props.error.statusCode === 404)
const title = computed(() => (isMissing.value ? 'There is no such page' : 'This page failed'))
useHead({ title: () => `${title.value} · Ivory Abacus` })
</script>

<template>
  <main class="failed">
    <h1>{{ title }}</h1>
    <p v-if="isMissing">
      The address leads nowhere: it may have been typed with a slip, or its study was removed.
    </p>
    <p v-else>
      What was saved is safe. Reload the page; if it fails again, open another study and come back.
    </p>
    <p v-if="!isMissing" class="soft">{{ error.message }}</p>
    <p class="ways">
      <Button v-if="!isMissing" label="Reload" @click="reloadNuxtApp({ force: true })" />
      <Button
        label="All studies"
        variant="outlined"
        @click="clearError({ redirect: '/studies' })"
      />
    </p>
  </main>
</template>

<style scoped>
.failed {
  display: grid;
  gap: var(--gap-3);
  justify-items: start;
  max-width: 52ch;
  margin: 0 auto;
  padding: var(--gap-6) var(--gap-5);
}

h1 {
  font-size: var(--text-title);
  font-weight: 600;
}

.ways {
  display: flex;
  gap: var(--gap-3);
}
</style>
