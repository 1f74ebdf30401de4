<script setup lang="ts">
import { parseDecimal } from '~~/core/decimal/decimal'

/** The wanted step as decimal text; empty where the program finds a round one. */
const props = defineProps<{ step: string | undefined; found: string }>()
const emit = defineEmits<{ change: [step: string | undefined] }>()

const text = ref(props.step ?? '')
const focused = ref(false)
watch(() => props.step, (step) => { if (!focused.value) text.value = step ?? '' })

const trouble = computed(() => {
  const typed = text.value.trim().replaceAll(',', '')
  if (typed === '') return ''
  const read = parseDecimal(typed)
  return read && read.coefficient > 0n ? '' : 'A step is a number above zero, such as 0.125; leave it empty for a round one.'
})
function typed(value: string | undefined) {
  text.value = value ?? ''
  if (!trouble.value) emit('change', text.value.trim().replaceAll(',', '') || undefined)
}
</script>

<template>
  <span class="step">
    <InputText
      :model-value="text" :placeholder="found" :invalid="trouble !== ''" aria-label="Tick step" :style="{ width: `${Math.max(8, (text || found).length + 3)}ch` }"
      size="small" @focus="focused = true" @blur="focused = false" @update:model-value="typed"
    />
    <span v-if="trouble" class="trouble" role="alert">{{ trouble }}</span>
  </span>
</template>

<style scoped>
.step :deep(input) {
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

.step :deep(input::placeholder) {
  color: var(--jade);
  font-weight: 400;
}

.trouble {
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
