<script setup lang="ts">
import type { Choice, SentencePhrase } from '~/desk/choices'

const props = defineProps<{ phrase: SentencePhrase; choices: () => Choice[] }>()
const emit = defineEmits<{ choose: [choice: Choice] }>()

/** Written when the list opens, not with every move of the rail. */
const open = ref(false)
const options = computed<Pick<Choice, 'key' | 'title' | 'sample'>[]>(() =>
  (open.value ? props.choices() : [{ key: props.phrase.key, title: props.phrase.title, sample: '' }]))

function choose(key: string) {
  const found = props.choices().find((choice) => choice.key === key)
  if (found) emit('choose', found)
}
</script>

<template>
  <Select
    :model-value="phrase.key" :options="options" option-value="key" option-label="title" :aria-label="`${phrase.name}: ${phrase.title}`"
    class="phrase" scroll-height="19rem" @update:model-value="choose" @before-show="open = true" @hide="open = false"
  >
    <template #value>{{ phrase.title }}</template>
    <template #dropdownicon><span class="caret" aria-hidden="true">▾</span></template>
    <template #option="{ option }">
      <span class="choice"><span>{{ option.title }}</span><span class="sample">{{ option.sample }}</span></span>
    </template>
  </Select>
</template>

<style scoped>
.phrase {
  border: 0;
  border-bottom: 1.5px solid var(--jade);
  border-radius: 0;
  background: transparent;
  box-shadow: none;
  vertical-align: baseline;
}

.phrase :deep(.p-select-label) {
  padding: 0 2px;
  color: var(--jade);
  font-weight: 600;
  line-height: 1.5;
}

.phrase :deep(.p-select-dropdown) {
  width: 14px;
}

.phrase:hover {
  background: var(--jade-wash);
}

.caret {
  font-size: 9px;
  color: var(--jade);
}

.choice {
  display: flex;
  width: 100%;
  gap: var(--gap-5);
  justify-content: space-between;
}

.sample {
  color: var(--ink-soft);
  white-space: pre;
}
</style>
