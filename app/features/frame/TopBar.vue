<script setup lang="ts">
import { SCREENS } from './screens'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.topBar

const study = useStudy()
const emit = defineEmits<{ bringIn: []; takeAway: []; help: [] }>()

// These stay the same while a style changes.
const name = computed(() => study.document?.name)
const shown = computed(() => study.document?.shown)
const hasQuantity = computed(() => study.quantity !== null)
/** Quantities under the data set that they come from. */
const groups = structuralComputed(() =>
  study.datasets.map((dataset) => ({
    name: dataset.name,
    items:
      study.document?.quantities
        .filter((quantity) => quantity.datasetId === dataset.id)
        .map(({ id, title }) => ({ id, title })) ?? [],
  })),
)
</script>

<template>
  <header class="bar still">
    <NuxtLink to="/studies" class="name" :title="words.allStudies"
      ><img src="/icon.svg" width="22" height="22" :alt="words.allStudies" />
      <h1>{{ name }}</h1></NuxtLink
    >
    <Select
      v-if="name !== undefined"
      :model-value="shown"
      :options="groups"
      option-group-label="name"
      option-group-children="items"
      option-label="title"
      option-value="id"
      size="small"
      filter
      :placeholder="words.chooseQuantity"
      :aria-label="words.quantityOnPage"
      scroll-height="24rem"
      class="quantity"
      @update:model-value="study.show"
    />
    <nav v-if="hasQuantity" class="screens" :aria-label="words.screens">
      <NuxtLink
        v-for="{ path, title } in SCREENS"
        :key="path"
        :to="`/study/${study.id}${path && `/${path}`}`"
        exact-active-class="here"
        >{{ title }}</NuxtLink
      >
    </nav>
    <span class="spread" />
    <SaveState />
    <HistoryList />
    <Button
      size="small"
      :label="words.undo"
      variant="text"
      :title="words.undoHelp"
      :disabled="!study.canUndo"
      class="undoing"
      @click="study.undo()"
    >
      <template #icon><StepArrow /></template>
    </Button>
    <Button
      size="small"
      :label="words.redo"
      variant="text"
      :title="words.redoHelp"
      :disabled="!study.canRedo"
      class="undoing"
      @click="study.redo()"
    >
      <template #icon><StepArrow forth /></template>
    </Button>
    <Button
      size="small"
      label="?"
      variant="text"
      :title="words.helpLabel"
      :aria-label="words.help"
      class="help"
      @click="emit('help')"
    />
    <Button size="small" :label="words.import" variant="outlined" @click="emit('bringIn')" />
    <Button size="small" :label="words.export" :disabled="!hasQuantity" @click="emit('takeAway')" />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  min-width: 0;
  padding: var(--gap-2) var(--gap-5);
  background: var(--paper);
  border-bottom: 1px solid var(--rule);
}

.name {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  min-width: 0;
  color: inherit;
  font-weight: 600;
  text-decoration: none;
}

.name h1 {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.name:hover h1 {
  text-decoration: underline;
}

.name img {
  flex: none;
}

.quantity {
  min-width: clamp(110px, 14vw, 180px);
}

.bar :deep(.p-button) {
  flex: none;
}

.undoing :deep(svg) {
  display: none;
}

.bar :deep(.p-button-text) {
  min-width: 0;
  padding-inline: var(--gap-2);
}

.screens {
  display: flex;
  gap: var(--gap-3);
}

.screens a {
  padding: 2px 0;
  border-bottom: 2px solid transparent;
  color: var(--ink-soft);
  text-decoration: none;
}

.screens a:hover {
  color: var(--jade);
}

.screens .here {
  border-color: var(--rosewood);
  color: var(--ink);
  font-weight: 600;
}

@media (max-width: 1100px) {
  .bar,
  .screens {
    gap: var(--gap-2);
  }

  /* Of a long name its beginning stays. */
  .name {
    flex: 1 1 96px;
    min-width: 96px;
  }

  .spread {
    display: none;
  }

  .undoing :deep(svg) {
    display: block;
  }

  /* An arrow says it in less room; its name stays for those who hear it. */
  .undoing :deep(.p-button-label) {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
  }
}

.spread {
  flex: 1;
}
</style>
