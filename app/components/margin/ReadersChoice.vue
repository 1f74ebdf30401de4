<script setup lang="ts">
import { useStudy } from '~/stores/study'

/** The regions whose people will read the study. */
const study = useStudy()
const REGIONS = ['en', 'en-IN', 'de', 'de-CH', 'fr', 'es', 'it', 'pt', 'nl', 'sv', 'da', 'nb', 'fi', 'pl', 'cs', 'ru', 'uk', 'tr', 'el', 'hi', 'bn', 'ja', 'zh', 'ko', 'ar', 'he']
const names = new Intl.DisplayNames('en', { type: 'language' })
const own = computed(() => study.style.locale ?? 'en')
const options = computed(() => [...new Set([...REGIONS, ...study.readers ?? []])].map((id) => ({ id, title: names.of(id) ?? id })))
</script>

<template>
  <p class="readers">
    For readers of
    <MultiSelect
      :model-value="[...study.readers ?? []]" :options="options" option-label="title" option-value="id" filter :placeholder="`${names.of(own)} alone`" aria-label="Readers" size="small" class="in-text"
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
</style>
