<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import { useStudyList } from '~/features/studies/useStudyList'
import { words as catalogue } from '~~/words'

const words = catalogue.studies.studiesPage

const { studies, bin, backups, aside, trouble, begin, bringIn, ...list } = useStudyList()
const { copy, rename, remove, restore, save, goBack } = list
const toProof = () => navigateTo('/proof')
const name = ref('')
const file = useTemplateRef<HTMLInputElement>('file')
function choose() {
  void bringIn([...(file.value?.files ?? [])])
  if (file.value) file.value.value = ''
}
/** Files may be dropped anywhere. */
const { isOverDropZone } = useDropZone(import.meta.client ? document : null, {
  onDrop: (dropped) => void bringIn(dropped ?? []),
})
useHead({ title: words.tab })
</script>

<template>
  <div class="screen" :class="{ over: isOverDropZone }">
    <header class="bar">
      <img src="/icon.svg" width="22" height="22" alt="" />
      <h1>{{ words.title }}</h1>
      <span class="spread" />
      <form class="new" @submit.prevent="begin(name)">
        <InputText
          v-model="name"
          size="small"
          :aria-label="words.newName"
          :placeholder="words.untitled"
          maxlength="200"
        />
        <Button size="small" type="submit" :label="words.create" />
      </form>
      <input
        ref="file"
        type="file"
        multiple
        hidden
        :aria-label="words.openLabel"
        @change="choose"
      />
      <Button
        size="small"
        variant="outlined"
        :label="words.open"
        :title="words.openLabel"
        @click="file?.click()"
      />
    </header>
    <main class="studies">
      <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
      <p v-if="!studies && !trouble" role="status">{{ words.loading }}</p>
      <section class="proof">
        <h2>{{ words.proofread }}</h2>
        <p class="soft">{{ words.proofreadHelp }}</p>
        <Button size="small" variant="outlined" :label="words.openProofread" @click="toProof" />
      </section>
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
        {{ words.none }}
      </p>
      <p class="soft">{{ words.dropHint }}</p>
      <StudyBin :removed="bin" @restore="restore" />
      <StudyBackups :backups="backups" :aside="aside" @restore="goBack" />
    </main>
  </div>
</template>

<style scoped>
.screen {
  min-height: 100vh;
}

.screen.over {
  outline: 2px dashed var(--jade);
  outline-offset: calc(-1 * var(--gap-2));
}

.bar {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-2) var(--gap-5);
  background: var(--paper);
  border-bottom: 1px solid var(--rule);
}

.spread {
  flex: 1;
}

.studies {
  display: grid;
  gap: var(--gap-4);
  align-content: start;
  max-width: 1180px;
  margin: 0 auto;
  padding: var(--gap-5);
}

.proof {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  padding: var(--gap-3) var(--gap-4);
  background: var(--sheet);
  border-left: 3px solid var(--jade);
}

.proof h2 {
  font-weight: 600;
}

.proof p {
  flex: 1;
  min-width: 26ch;
}

.list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 480px), 1fr));
  gap: var(--gap-4);
  margin: 0;
  padding: 0;
  list-style: none;
}

.new {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
}
</style>
