<script setup lang="ts">
import type { FieldName } from '~~/core/style/fields'
import { vLabel } from '~/controls/vLabel'
import { type Origin, originWords } from '~/stores/levelWords'

/** A phrase of the sentence: what is chosen, and the way to its choices. */
defineProps<{ field: FieldName; name: string; title: string; open: boolean; origin: Origin }>()
const emit = defineEmits<{ open: [event: Event, field: FieldName] }>()
</script>

<template>
  <button
    v-label="() => title"
    type="button"
    class="phrase"
    aria-haspopup="listbox"
    :aria-expanded="open"
    :class="origin"
    :title="originWords[origin]"
    :aria-label="`${name}: ${title}`"
    @click="emit('open', $event, field)"
    @keydown.down.prevent="emit('open', $event, field)"
  />
</template>

<style scoped>
.phrase {
  padding: 0 2px;
  border: 0;
  border-bottom: 2px solid var(--jade);
  background: transparent;
  color: var(--jade);
  font-weight: 600;
  line-height: 1.4;
  cursor: pointer;
}

.phrase.quantity {
  border-bottom: 1.5px dashed var(--jade);
}

.phrase.house {
  border-bottom: 1.5px dotted var(--ink-faint);
}

.phrase.stylebook {
  border-bottom: 3px double var(--jade);
}

.phrase.nobody {
  border-bottom-color: transparent;
}

.phrase::after {
  content: ' ▾';
  font-size: 10px;
  vertical-align: 2px;
}

.phrase:hover,
.phrase[aria-expanded='true'] {
  background: var(--jade-wash);
}
</style>
