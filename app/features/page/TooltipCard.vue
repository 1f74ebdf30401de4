<script setup lang="ts">
import { vLabel } from '~/controls/vLabel'
import { words as catalogue } from '~~/words'

const words = catalogue.page.tooltipCard

/** What a reader sees who points at a mark. */
defineProps<{
  name: string
  title: string
  label: () => string
  /** The amount before it was converted, and the rate; empty where it is as recorded. */
  converted: string
  at: number
  flagged: boolean
  fontSize: number
  /** What each colour of a mark says; null where marks have one. */
  pieces:
    | ((at: number) => readonly {
        readonly name: string
        readonly colour: number
        readonly label: () => string
      }[])
    | null
}>()
</script>

<template>
  <div
    class="tip"
    :style="{ fontSize: `${fontSize}px` }"
    role="note"
    :aria-label="words.tooltip({ name })"
  >
    <span class="name">{{ name }}</span>
    <span class="title">{{ title }}</span>
    <b v-label="label" data-surface="tooltip" :data-at="at" :class="{ flagged }" />
    <span v-if="converted" class="converted" data-converted>({{ converted }})</span>
    <template v-for="piece in pieces?.(at)" :key="piece.name">
      <span class="piece"
        ><span class="swatch" :style="{ background: `var(--colour-${piece.colour})` }" />{{
          piece.name
        }}</span
      >
      <span v-label="piece.label" class="number" />
    </template>
  </div>
</template>

<style scoped>
.tip {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 var(--gap-3);
  padding: var(--gap-1) var(--gap-2);
  background: var(--sheet);
  border: 1px solid var(--ink-soft);
  border-radius: 3px;
  box-shadow: var(--shadow);
  width: max-content;
  max-width: 420px;
  white-space: nowrap;
}

/* Names may be shortened, numbers never. */
.name,
.title {
  max-width: 200px;
  overflow: hidden;
  text-overflow: ellipsis;
}

.name {
  grid-column: 1 / -1;
  font-weight: 600;
}

.title {
  color: var(--ink-soft);
}

.converted {
  grid-column: 1 / -1;
  color: var(--ink-soft);
  text-align: right;
}

.piece {
  display: flex;
  gap: 6px;
  align-items: center;
}

.swatch {
  width: 8px;
  height: 8px;
  border-radius: 2px;
}

b,
.number {
  overflow-wrap: anywhere;
  text-align: right;
  white-space: normal;
}
</style>
