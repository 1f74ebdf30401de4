<script setup lang="ts">
/** A phrase that is typed: what does not hold is said, and changes nothing. */
const props = defineProps<{
  value: string | undefined
  placeholder: string
  label: string
  check: (text: string) => string
}>()
const emit = defineEmits<{ change: [text: string | undefined] }>()

const text = ref(props.value ?? '')
const focused = ref(false)
watch(
  () => props.value,
  (value) => {
    if (!focused.value) text.value = value ?? ''
  },
)

const bare = computed(() => text.value.trim().replaceAll(',', '').replace('\u2212', '-'))
const trouble = computed(() => (bare.value === '' ? '' : props.check(bare.value)))
/** A number of three hundred digits scrolls in its field. */
const MOST_WIDE = 24
const width = computed(() =>
  Math.min(MOST_WIDE, Math.max(3, (text.value || props.placeholder).length) + 1.5),
)
function typed(value: string | undefined) {
  text.value = value ?? ''
  if (!trouble.value) emit('change', bare.value || undefined)
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
