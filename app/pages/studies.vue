<script setup lang="ts">
import { useStudyList } from '~/features/studies/useStudyList'
import { studiesPage as words } from '~/features/studies/words'

const { studies, trouble, removed, begin, bringBack, copy, rename, remove, restore, save } =
  useStudyList()
const name = ref('')
const choose = (event: Event) => {
  const [file] = (event.target as HTMLInputElement).files ?? []
  if (file) void bringBack(file)
}
useHead({ title: words.studiesIvoryAbacus })
</script>

<template>
  <main class="studies">
    <h1>{{ words.studies }}</h1>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-if="!studies && !trouble" role="status">{{ words.fetchingStudies }}</p>
    <ul v-if="studies" class="list">
      <StudyRow
        v-for="study in studies"
        :key="study.id"
        :study="study"
        @rename="rename(study, $event)"
        @copy="copy(study)"
        @save="save(study)"
        @remove="remove(study)"
      />
    </ul>
    <p v-if="studies?.length === 0" class="soft">
      {{ words.noStudyYetBegin }}
    </p>
    <p v-if="removed" role="status">
      {{ words.removed(removed.name) }}
      <QuietButton @click="restore">{{ words.bringBack }}</QuietButton>
    </p>
    <form class="new" @submit.prevent="begin(name)">
      <label for="study-name">{{ words.newStudy }}</label>
      <InputText id="study-name" v-model="name" :placeholder="words.untitledStudy" />
      <Button type="submit" :label="words.begin" />
      <label class="file"
        >{{ words.orFromFile }}
        <input
          type="file"
          accept=".json,application/json"
          :aria-label="words.bringStudyInFrom"
          @change="choose"
      /></label>
    </form>
  </main>
</template>

<style scoped>
.studies {
  display: grid;
  gap: var(--gap-5);
  align-content: start;
  max-width: 860px;
  margin: 0 auto;
  padding: var(--gap-6) var(--gap-5);
}

h1 {
  font-size: var(--text-title);
  font-weight: 600;
}

.list {
  display: grid;
  gap: 1px;
  margin: 0;
  padding: 0;
  list-style: none;
}

.file input::file-selector-button {
  padding: var(--gap-1) var(--gap-3);
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.new {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
</style>
