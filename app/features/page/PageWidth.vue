<script setup lang="ts">
import { PAGE_WIDTHS, type Widths } from './useWidths'
import { words as catalogue } from '~~/words'

const words = catalogue.page.pageWidths

/** For which reader's page the study is shown, with what has too little room on each. */
const width = defineModel<number | null>({ required: true })
defineProps<{ counts: Widths['counts']['value'] }>()
/** Zero stands for the window's own width: a choice must have a value. */
const choices = [{ width: 0, title: words.asWindow }, ...PAGE_WIDTHS]
</script>

<template>
  <div role="radiogroup" :aria-label="words.widthPage" class="widths">
    {{ words.shown }}
    <label v-for="one in choices" :key="one.width"
      ><RadioButton
        :model-value="width ?? 0"
        :value="one.width"
        size="small"
        name="page-width"
        @update:model-value="width = one.width || null"
      />{{ one.title
      }}<span v-if="counts.has(one.width)" :class="counts.get(one.width) ? 'amiss' : 'soft'">{{
        words.room({ count: counts.get(one.width)! })
      }}</span></label
    >
  </div>
</template>

<style scoped>
.widths {
  display: grid;
  gap: var(--gap-1);
  margin-top: var(--gap-2);
}

.widths label {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
}

.amiss {
  color: var(--rosewood);
}
</style>
