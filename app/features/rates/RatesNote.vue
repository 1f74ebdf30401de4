<script setup lang="ts">
import { ratesSaid } from '~~/shared/rates/text'
import type { StudyDocument } from '~~/shared/study/document'
import { words as catalogue } from '~~/words'

const words = catalogue.rates.ratesNote

/** The rates that numbers on the page were converted by. */
defineProps<{ rates: NonNullable<StudyDocument['rates']> }>()
const emit = defineEmits<{ edit: [] }>()
</script>

<template>
  <p class="soft note" data-rates-note>
    {{ words.rates }} {{ ratesSaid(rates) }}
    <QuietButton @click="emit('edit')">{{ words.edit }}</QuietButton>
  </p>
</template>

<style scoped>
.note {
  font-size: var(--text-small);
}
</style>
