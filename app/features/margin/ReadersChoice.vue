<script setup lang="ts">
import { languageName } from '~~/core/locale/languageName'
import { regionOptions } from '~/features/regions/regionNames'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.margin.readersChoice

/** The regions whose people will read the study. */
const study = useStudy()
const own = computed(() => study.style.locale ?? 'en')
const options = computed(() => regionOptions(study.readers))
</script>

<template>
  <p class="readers">
    {{ words.label }}
    <MultiSelect
      :model-value="[...(study.readers ?? [])]"
      :options="options"
      option-label="title"
      option-value="id"
      filter
      :placeholder="words.only({ region: languageName(own) })"
      :aria-label="words.title"
      size="small"
      class="in-text"
      :max-selected-labels="2"
      :selected-items-label="words.several"
      @update:model-value="study.setReaders($event)"
    />
  </p>
</template>

<style scoped>
.readers {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  color: var(--ink-soft);
  font-size: var(--text-small);
}
</style>
