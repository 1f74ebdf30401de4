<script setup lang="ts">
import { regionName, regionOptions } from '~/features/regions/regionNames'
import { useStudy } from '~/stores/study'

/** The regions whose people will read the study. */
const study = useStudy()
const own = computed(() => study.style.locale ?? 'en')
const options = computed(() => regionOptions(study.readers))
</script>

<template>
  <p class="readers">
    For readers of
    <MultiSelect
      :model-value="[...(study.readers ?? [])]"
      :options="options"
      option-label="title"
      option-value="id"
      filter
      :placeholder="`${regionName(own)} alone`"
      aria-label="Readers"
      size="small"
      class="in-text"
      :max-selected-labels="2"
      selected-items-label="{0} languages"
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
