<script setup lang="ts">
import { regionOptions } from '~/features/regions/regionNames'
import { words as catalogue } from '~~/words'

const words = catalogue.proofread.proofPage

/** What is open, for whom it is read, and what is done with it. */
const props = defineProps<{
  name: string
  isOpen: boolean
  isChanged: boolean
  declared: readonly string[]
}>()
const emit = defineEmits<{
  choose: [file: File]
  readAs: [tags: readonly string[]]
  takeBack: []
  makeStudy: []
  save: []
}>()

const input = useTemplateRef<HTMLInputElement>('input')
function choose() {
  const file = input.value?.files?.[0]
  if (file) emit('choose', file)
  if (input.value) input.value.value = ''
}
defineExpose({ ask: () => input.value?.click() })
const readers = computed(() => regionOptions(props.declared))
</script>

<template>
  <header class="bar">
    <NuxtLink to="/studies" class="home" :title="words.studies"
      ><img src="/icon.svg" width="22" height="22" :alt="words.studies"
    /></NuxtLink>
    <h1>{{ words.title }}</h1>
    <template v-if="isOpen">
      <span class="file">{{ name }}</span>
      <span class="readers soft"
        >{{ words.readers }}
        <MultiSelect
          :model-value="[...declared]"
          :options="readers"
          option-label="title"
          option-value="id"
          filter
          size="small"
          class="in-text"
          :placeholder="words.anyReaders"
          :aria-label="words.readers"
          :max-selected-labels="2"
          @update:model-value="emit('readAs', $event)"
      /></span>
    </template>
    <span class="spread" />
    <input
      ref="input"
      type="file"
      accept=".svg,.html,.htm,image/svg+xml,text/html"
      hidden
      :aria-label="words.chooseFile"
      @change="choose"
    />
    <template v-if="isOpen">
      <Button
        size="small"
        variant="text"
        :label="words.undo"
        :disabled="!isChanged"
        @click="emit('takeBack')"
      />
      <Button size="small" variant="text" :label="words.makeStudy" @click="emit('makeStudy')" />
      <Button size="small" variant="outlined" :label="words.anotherFile" @click="input?.click()" />
      <Button size="small" :label="words.save" :disabled="!isChanged" @click="emit('save')" />
    </template>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-width: 0;
  padding: var(--gap-2) var(--gap-5);
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}

.home {
  display: flex;
}

h1 {
  font-weight: 600;
}

.file {
  overflow: hidden;
  min-width: 6ch;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.readers {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  font-size: var(--text-small);
  white-space: nowrap;
}

.spread {
  flex: 1;
}

.bar :deep(.p-button) {
  flex: none;
}
</style>
