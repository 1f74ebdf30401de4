<script setup lang="ts">
import type { Choice, Typed } from './choices'
import { typedChoice as words } from './words'

/**
 * A value that the list does not have: typed, and written with the study's numbers at every
 * keystroke.
 */
const props = defineProps<{ name: string; typed: Typed }>()
const emit = defineEmits<{ choose: [choice: Choice] }>()

const text = ref('')
const read = computed(() => (text.value === '' ? null : props.typed.read(text.value)))
const choice = computed(() => (read.value && 'choice' in read.value ? read.value.choice : null))
const trouble = computed(() => (read.value && 'trouble' in read.value ? read.value.trouble : ''))
</script>

<template>
  <form class="typed" @submit.prevent="choice && emit('choose', choice)">
    <InputText
      v-model="text"
      size="small"
      :placeholder="typed.hint"
      :aria-label="`${name}: ${typed.hint}`"
      :invalid="trouble !== ''"
    />
    <span v-if="choice" class="sample"
      >{{ choice.sample }} <span class="enter">{{ words.enterTakes }}</span></span
    >
    <span v-else-if="trouble" class="trouble" role="alert">{{ trouble }}</span>
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
