<script setup lang="ts">
import type { ListedStudy } from '~~/shared/study/study'
import { words as catalogue } from '~~/words'

const words = catalogue.studies.studyBin

/** What was removed, and can be brought back for a month. */
defineProps<{ removed: readonly ListedStudy[] }>()
const emit = defineEmits<{ restore: [study: ListedStudy] }>()
const when = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <section v-if="removed.length > 0" class="bin">
    <h2>{{ words.title }}</h2>
    <p class="soft">{{ words.stays }}</p>
    <ul>
      <li v-for="study in removed" :key="study.id">
        <b>{{ study.name }}</b>
        <span class="soft">{{
          words.deleted({ when: when.format(new Date(study.removedAt!)) })
        }}</span>
        <QuietButton
          :aria-label="words.restoreLabel({ name: study.name })"
          @click="emit('restore', study)"
        >
          {{ words.restore }}
        </QuietButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.bin {
  display: grid;
  gap: var(--gap-2);
}

h2 {
  font-size: var(--text-large);
  font-weight: 600;
}

ul {
  display: grid;
  gap: var(--gap-2);
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: var(--gap-3);
  align-items: baseline;
}
</style>
