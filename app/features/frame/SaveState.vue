<script setup lang="ts">
import { useStudy } from '~/stores/study'
import type { SaveState } from '~/stores/study/saving'

const study = useStudy()
const words: Record<SaveState, { bead: string; text: string }> = {
  saved: { bead: 'good', text: 'Saved' },
  saving: { bead: 'busy', text: 'Saving…' },
  failed: { bead: 'bad', text: 'Not saved, trying again' },
  conflict: { bead: 'bad', text: 'Changed in another tab' },
}
</script>

<template>
  <span class="state" role="status" :title="study.trouble || `Revision ${study.revision}`">
    <span class="bead" :class="words[study.state].bead" /> {{ words[study.state].text }}
  </span>
  <template v-if="study.state === 'conflict'">
    <Button size="small" label="Take theirs" variant="outlined" @click="study.takeTheirs()" />
    <Button size="small" label="Keep mine" @click="study.keepMine()" />
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
