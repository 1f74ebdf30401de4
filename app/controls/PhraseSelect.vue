<script setup lang="ts" generic="Id">
/** A phrase of a sentence that is one of some choices. */
defineProps<{
  value: Id
  options: readonly { readonly id: Id; readonly title: string }[]
  /** What the choice is of, for assistive technology. */
  label: string
  placeholder?: string
  /** Whether the choices are too many to look through. */
  searchable?: boolean
}>()
const emit = defineEmits<{ change: [id: Id]; open: [] }>()
</script>

<template>
  <Select
    :model-value="value"
    :options="[...options]"
    option-label="title"
    option-value="id"
    :filter="searchable"
    :placeholder="placeholder"
    :aria-label="label"
    class="in-text"
    @before-show="emit('open')"
    @update:model-value="emit('change', $event)"
  />
</template>
