<script setup lang="ts">
import type { Choice, Typed } from './choices'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.typedChoice

/**
 * A value that the list does not have: typed, and written with the study's numbers at every
 * keystroke.
 */
const props = defineProps<{ name: string; typed: Typed }>()
const emit = defineEmits<{ choose: [choice: Choice] }>()

const text = ref('')
const read = computed(() => (text.value === '' ? null : props.typed.read(text.value)))
const choices = computed(() => (read.value && 'choices' in read.value ? read.value.choices : []))
const trouble = computed(() => (read.value && 'trouble' in read.value ? read.value.trouble : ''))
</script>

<template>
  <form class="typed" @submit.prevent="choices[0] && emit('choose', choices[0])">
    <InputText
      v-model="text"
      size="small"
      :placeholder="typed.hint"
      :aria-label="`${name}: ${typed.hint}`"
      :invalid="trouble !== ''"
    />
    <button
      v-for="(choice, at) in choices"
      :key="choice.key"
      type="button"
      class="meaning"
      @click="emit('choose', choice)"
    >
      <span class="sample">{{ choice.sample }}</span>
      <span v-if="choices.length > 1" class="enter">{{ choice.title }}</span>
      <span v-if="at === 0" class="enter">{{ words.enter }}</span>
    </button>
    <span v-if="trouble" class="trouble" role="alert">{{ trouble }}</span>
  </form>
</template>

<style scoped>
.typed {
  display: grid;
  gap: var(--gap-1);
  max-width: 26rem;
  padding: var(--gap-2) var(--gap-2) var(--gap-1);
  border-top: 1px solid var(--rule-soft);
}

.meaning {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-3);
  align-items: baseline;
  padding: var(--gap-1) 0;
  border: 0;
  background: none;
  font: inherit;
  text-align: start;
  cursor: pointer;
}

.meaning:hover .sample,
.meaning:focus-visible .sample {
  color: var(--jade);
}

.sample {
  color: var(--ink);
  white-space: pre;
}

.enter {
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.trouble {
  color: var(--rosewood);
  font-size: var(--text-small);
  overflow-wrap: anywhere;
}
</style>
