<script setup lang="ts">
import type { StudySummary } from '~~/shared/study/study'
import { vFocus } from '~/controls/vFocus'
import { studyRow as words } from './words'

/** A study in the list of all: the way to it, and what is done with it. */
const props = defineProps<{ study: StudySummary }>()
const emit = defineEmits<{ rename: [name: string]; copy: []; save: []; remove: [] }>()

const when = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })
/** Its new name as it is typed; null where it is not being renamed. */
const newName = ref<string | null>(null)
function rename() {
  const name = newName.value?.trim()
  if (name) emit('rename', name)
  newName.value = null
}
const startRename = () => (newName.value = props.study.name)
</script>

<template>
  <li>
    <form v-if="newName !== null" @submit.prevent="rename">
      <InputText
        v-model="newName"
        v-focus
        size="small"
        :aria-label="words.newName"
        maxlength="200"
        @focus="($event.target as HTMLInputElement).select()"
        @keydown.esc="newName = null"
      />
      <Button size="small" type="submit" :label="words.rename" />
    </form>
    <NuxtLink v-else :to="`/study/${study.id}`">{{ study.name }}</NuxtLink>
    <span class="soft">{{
      words.changedRevision(when.format(new Date(study.changedAt)), study.revision)
    }}</span>
    <span class="acts">
      <QuietButton :aria-label="words.renameName(study.name)" @click="startRename">
        {{ words.phraseRename }}
      </QuietButton>
      <QuietButton :aria-label="words.copy(study.name)" @click="emit('copy')">
        {{ words.phraseCopy }}
      </QuietButton>
      <QuietButton :aria-label="words.saveToFile(study.name)" @click="emit('save')">
        {{ words.saveToAFile }}
      </QuietButton>
      <QuietButton :aria-label="words.remove(study.name)" @click="emit('remove')">
        {{ words.phraseRemove }}
      </QuietButton>
    </span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--gap-4);
  align-items: baseline;
  padding: var(--gap-3) var(--gap-4);
  background: var(--sheet);
}

a {
  color: var(--jade);
  font-weight: 600;
}

form > input {
  flex: 1;
  min-width: 0;
}

form,
.acts {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}
</style>
