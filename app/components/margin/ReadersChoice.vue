<script setup lang="ts">
import { useStudy } from '~/stores/study'

/** The regions whose people will read the study. */
const study = useStudy()
const REGIONS = ['en', 'en-IN', 'de', 'de-CH', 'fr', 'es', 'it', 'pt', 'nl', 'sv', 'da', 'nb', 'fi', 'pl', 'cs', 'ru', 'uk', 'tr', 'el', 'hi', 'bn', 'ja', 'zh', 'ko', 'ar', 'he']
const names = new Intl.DisplayNames('en', { type: 'language' })
const options = computed(() => [...new Set([...REGIONS, ...study.readers ?? []])].map((id) => ({ id, title: names.of(id) ?? id })))
</script>

<template>
  <p class="readers">
    For readers of
    <MultiSelect
      :model-value="[...study.readers ?? []]" :options="options" option-label="title" option-value="id" filter :placeholder="`${names.of(study.style.locale ?? 'en')} alone`" aria-label="Readers" size="small" class="choice"
      :max-selected-labels="2" selected-items-label="{0} languages" @update:model-value="study.setReaders($event)"
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

.choice {
  min-width: 0;
  border: 0;
  border-bottom: 1px solid var(--ink-faint);
  border-radius: 0;
  background: transparent;
  box-shadow: none;
}

.choice :deep(.p-multiselect-label) {
  padding: 0 2px;
  color: var(--ink);
  font-size: var(--text-small);
}

.choice :deep(.p-multiselect-dropdown) {
  width: 18px;
}

.choice :deep(.p-multiselect-dropdown-icon) {
  width: 9px;
}
</style>
