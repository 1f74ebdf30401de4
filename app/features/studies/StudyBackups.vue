<script setup lang="ts">
import type { Backup } from '~~/shared/study/study'
import { words as catalogue } from '~~/words'

const words = catalogue.studies.studyBackups

/** All studies as they were on some day, to be brought back at a second click. */
defineProps<{ backups: readonly Backup[]; aside: string }>()
const emit = defineEmits<{ restore: [name: string] }>()
const when = new Intl.DateTimeFormat('en', { dateStyle: 'full', timeStyle: 'short' })
const asked = ref<string | null>(null)
function restore(name: string) {
  asked.value = null
  emit('restore', name)
}
</script>

<template>
  <details v-if="backups.length > 0" class="backups">
    <summary>{{ words.title({ count: backups.length }) }}</summary>
    <p class="soft">{{ words.help }}</p>
    <ul>
      <li v-for="{ name, madeAt, size } in backups" :key="name">
        <b>{{ when.format(new Date(madeAt)) }}</b>
        <span class="soft">{{ words.size({ kilobytes: Math.ceil(size / 1024) }) }}</span>
        <template v-if="asked === name">
          <span>{{ words.confirm }}</span>
          <QuietButton @click="restore(name)">{{ words.confirmRestore }}</QuietButton>
          <QuietButton @click="asked = null">{{ words.cancel }}</QuietButton>
        </template>
        <QuietButton v-else @click="asked = name">{{ words.restore }}</QuietButton>
      </li>
    </ul>
    <p v-if="aside" role="status">{{ words.restored({ file: aside }) }}</p>
  </details>
</template>

<style scoped>
.backups,
ul {
  display: grid;
  gap: var(--gap-2);
}

summary {
  cursor: pointer;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  align-items: baseline;
}
</style>
