<script setup lang="ts">
import type { NuxtError } from '#app'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.errorPage

/** What went wrong where a page cannot be shown at all, and the way back. */
const props = defineProps<{ error: NuxtError }>()
const isMissing = computed(() => props.error.statusCode === 404)
const title = computed(() => (isMissing.value ? words.notFound : words.failed))
useHead({ title: () => words.tab({ title: title.value }) })
</script>

<template>
  <main class="failed">
    <h1>{{ title }}</h1>
    <p v-if="isMissing">
      {{ words.notFoundHelp }}
    </p>
    <p v-else>
      {{ words.failedHelp }}
    </p>
    <p v-if="!isMissing" class="soft">{{ error.message }}</p>
    <p class="ways">
      <Button v-if="!isMissing" :label="words.reload" @click="reloadNuxtApp({ force: true })" />
      <Button
        :label="words.allStudies"
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
