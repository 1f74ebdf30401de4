<script setup lang="ts">
import { useStudy } from '~/stores/study'
import type { SaveState } from '~/stores/study/saving'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.saveState

const study = useStudy()
const states: Record<SaveState, { bead: string; text: string }> = {
  saved: { bead: 'good', text: words.saved },
  saving: { bead: 'busy', text: words.saving },
  failed: { bead: 'bad', text: words.retrying },
  conflict: { bead: 'bad', text: words.conflict },
}
</script>

<template>
  <span
    class="state"
    role="status"
    :title="study.trouble || words.revision({ number: study.revision })"
  >
    <span class="bead" :class="states[study.state].bead" /> {{ states[study.state].text }}
  </span>
  <template v-if="study.state === 'conflict'">
    <Button size="small" :label="words.takeTheirs" variant="outlined" @click="study.takeTheirs()" />
    <Button size="small" :label="words.keepMine" @click="study.keepMine()" />
  </template>
</template>

<style scoped>
.state {
  display: inline-flex;
  gap: var(--gap-2);
  align-items: center;
  color: var(--ink-soft);
  white-space: nowrap;
}
</style>
