<script setup lang="ts">
import type { StudySummary } from '~~/shared/study/study'
import { request } from '~/composables/request'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.indexPage

/** The desk is the first thing to see: the study changed last, which is the demo at first. */
const problem = ref('')
onMounted(async () => {
  try {
    const [first] = await request<StudySummary[]>('/api/studies')
    await navigateTo(first ? `/study/${first.id}` : '/studies', { replace: true })
  } catch (error) {
    problem.value = (error as Error).message
  }
})
</script>

<template>
  <p class="opening" role="status">{{ problem || words.openingDesk }}</p>
</template>

<style scoped>
.opening {
  padding: var(--gap-6);
}
</style>
