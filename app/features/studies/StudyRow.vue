<script setup lang="ts">
import type { ListedStudy } from '~~/shared/study/study'
import { vFocus } from '~/controls/vFocus'
import { words as catalogue } from '~~/words'

const words = catalogue.studies.studyRow

/** A study in the list of all: the way to it, what it shows, and what is done with it. */
const props = defineProps<{ study: ListedStudy }>()
const emit = defineEmits<{ rename: [name: string]; copy: []; save: []; remove: [] }>()

const when = new Intl.DateTimeFormat('en', { dateStyle: 'medium', timeStyle: 'short' })
const data = computed(() => {
  const { datasets, rows } = props.study
  if (datasets.length === 0) return words.noData
  return words.rows({ names: datasets, count: rows })
})
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
    <NuxtLink :to="`/study/${study.id}`" class="picture" tabindex="-1" aria-hidden="true">
      <img :src="`/api/studies/${study.id}/picture?revision=${study.revision}`" alt="" />
    </NuxtLink>
    <div class="words">
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
        <Button size="small" type="submit" :label="words.renameButton" />
      </form>
      <NuxtLink v-else :to="`/study/${study.id}`" class="name">{{ study.name }}</NuxtLink>
      <span>{{ data }}</span>
      <span class="soft">{{
        words.changed({ when: when.format(new Date(study.changedAt)), revision: study.revision })
      }}</span>
      <span class="acts">
        <QuietButton :aria-label="words.renameLabel({ name: study.name })" @click="startRename">
          {{ words.rename }}
        </QuietButton>
        <QuietButton :aria-label="words.copyLabel({ name: study.name })" @click="emit('copy')">
          {{ words.copy }}
        </QuietButton>
        <QuietButton :aria-label="words.saveLabel({ name: study.name })" @click="emit('save')">
          {{ words.save }}
        </QuietButton>
        <QuietButton :aria-label="words.removeLabel({ name: study.name })" @click="emit('remove')">
          {{ words.remove }}
        </QuietButton>
      </span>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr);
  gap: var(--gap-4);
  padding: var(--gap-3) var(--gap-4);
  background: var(--sheet);
  box-shadow: var(--shadow);
}

.picture img {
  display: block;
  width: 200px;
  height: 132px;
  object-fit: contain;
  object-position: left top;
}

.words {
  display: grid;
  gap: var(--gap-1);
  align-content: start;
  justify-items: start;
  min-width: 0;
}

.name {
  color: var(--jade);
  font-size: var(--text-large);
  font-weight: 600;
  overflow-wrap: anywhere;
}

form > input {
  flex: 1;
  min-width: 0;
}

form,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
}
</style>
