<script setup lang="ts">
import { regionName, regionOptions } from '~/features/regions/regionNames'
import { useStudy } from '~/stores/study'
import { readersChoice as words } from './words'

/** The regions whose people will read the study. */
const study = useStudy()
const own = computed(() => study.style.locale ?? 'en')
const options = computed(() => regionOptions(study.readers))
</script>

<template>
  <p class="readers">
    {{ words.forReaders }}
    <MultiSelect
      :model-value="[...(study.readers ?? [])]"
      :options="options"
      option-label="title"
      option-value="id"
      filter
      :placeholder="words.alone(regionName(own))"
      :aria-label="words.readers"
      size="small"
      class="in-text"
      :max-selected-labels="2"
      :selected-items-label="words.languages"
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
