<script setup lang="ts">
import { useStudy } from '~/stores/study'
import { historyList as words } from './words'

/** What was done, the last first; a step takes back all from it on. */
const study = useStudy()
const list = useTemplateRef<{ toggle(event: Event): void; hide(): void }>('list')
const MOST = 30
function back(at: number) {
  study.undo(at + 1)
  list.value?.hide()
}
</script>

<template>
  <Button
    size="small"
    :label="words.history"
    variant="text"
    aria-haspopup="dialog"
    :disabled="!study.canUndo"
    @click="list?.toggle($event)"
  />
  <Popover ref="list" :aria-label="words.whatWasDone">
    <ol class="steps">
      <li v-for="(what, at) in study.steps.slice(0, MOST)" :key="at">
        <button
          type="button"
          class="step"
          :title="at === 0 ? words.takeBack : words.takeBackSteps(at + 1)"
          @click="back(at)"
        >
          {{ what }}
        </button>
      </li>
    </ol>
  </Popover>
</template>

<style scoped>
.steps {
  max-width: 30rem;
  max-height: 24rem;
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}

.step {
  width: 100%;
  padding: var(--gap-1) var(--gap-2);
  border: 0;
  background: none;
  color: var(--ink);
  font-size: var(--text-small);
  text-align: left;
  cursor: pointer;
}

.step:hover {
  background: var(--jade-wash);
}
</style>
