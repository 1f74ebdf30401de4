<script setup lang="ts">
/** A phrase that is typed: what does not hold is said, and changes nothing. */
const {
  value,
  placeholder,
  label,
  check = () => '',
  read = (text: string) => ({ text: text.replaceAll(',', '').replace('\u2212', '-') }),
} = defineProps<{
  value: string | undefined
  placeholder: string
  label: string
  /** What is wrong with what was read; nothing where all is well. */
  check?: (text: string) => string
  /**
   * What somebody typed, as what is kept; a whole number with its groups where nothing is given.
   */
  read?: (text: string) => { text: string } | { trouble: string }
}>()
const emit = defineEmits<{ change: [text: string | undefined] }>()

const text = ref(value ?? '')
const focused = ref(false)
watch(
  () => value,
  (now) => {
    if (!focused.value) text.value = now ?? ''
  },
)

const trimmed = computed(() => text.value.trim())
const kept = computed(() => (trimmed.value === '' ? { text: '' } : read(trimmed.value)))
const trouble = computed(() => {
  if ('trouble' in kept.value) return kept.value.trouble
  return kept.value.text === '' ? '' : check(kept.value.text)
})
/** A number of three hundred digits scrolls in its field. */
const MOST_WIDE = 24
const width = computed(() =>
  Math.min(MOST_WIDE, Math.max(3, (text.value || placeholder).length) + 1.5),
)
function typed(now: string | undefined) {
  text.value = now ?? ''
  if (!trouble.value && 'text' in kept.value) emit('change', kept.value.text || undefined)
}
</script>

<template>
  <span class="typed">
    <InputText
      :model-value="text"
      :placeholder="placeholder"
      :invalid="trouble !== ''"
      :aria-label="label"
      :style="{ width: `${width}ch` }"
      size="small"
      @focus="focused = true"
      @blur="focused = false"
      @update:model-value="typed"
    />
    <span v-if="trouble" class="trouble" role="alert">{{ trouble }}</span>
  </span>
</template>

<style scoped>
.typed :deep(input) {
  padding: 0 4px;
  border: 0;
  border-bottom: 1.5px solid var(--jade);
  border-radius: 0;
  background: transparent;
  box-shadow: none;
  color: var(--jade);
  font-size: inherit;
  font-weight: 600;
}

.typed :deep(input::placeholder) {
  color: var(--jade);
  font-weight: 400;
}

.trouble {
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
