<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { Surface } from '~~/core/checks/types'
import { briefly } from '~~/core/decimal/plainly'
import type { Page } from '~/composables/page'
import { readingOf } from '~/desk/reading'

/** Beside the label under the pointer: its true value, and what a reader takes it for. */
const props = defineProps<{ page: Page; within: HTMLElement | null }>()

interface Note {
  readonly value: string
  readonly label: string
  readonly reads: string
  readonly off: string
  readonly x: number
  readonly y: number
}
const WIDTH = 260
const note = shallowRef<Note | null>(null)

function show(event: PointerEvent) {
  const element = (event.target as Element).closest<HTMLElement>('[data-surface]')
  const surface = element?.dataset.surface as Surface | undefined
  const at = Number(element?.dataset.at)
  const value = surface && props.page.valueAt[surface](at)
  if (!element || !surface || !value) return (note.value = null)
  const { left, bottom, width } = element.getBoundingClientRect()
  const label = element.textContent.replace(/^†/, '')
  note.value = {
    value: briefly(value), label, ...readingOf(label, value, props.page.on[surface].plan.value),
    x: Math.max(4, Math.min(window.innerWidth - WIDTH - 4, left + width / 2 - WIDTH / 2)), y: bottom + 6,
  }
}
useEventListener(() => props.within, 'pointerover', show)
useEventListener(() => props.within, 'pointerleave', () => (note.value = null))
</script>

<template>
  <dl v-if="note" class="note" :style="{ left: `${note.x}px`, top: `${note.y}px`, width: `${WIDTH}px` }" role="tooltip">
    <dt>value</dt><dd>{{ note.value }}</dd>
    <dt>label</dt><dd class="label">{{ note.label }}</dd>
    <dt>reads as</dt><dd>{{ note.reads }}</dd>
    <template v-if="note.off"><dt>off by</dt><dd class="off">{{ note.off }}</dd></template>
  </dl>
</template>

<style scoped>
.note {
  position: fixed;
  z-index: 20;
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 var(--gap-3);
  margin: 0;
  padding: var(--gap-2) var(--gap-3);
  background: var(--paper);
  border: 1px solid var(--rule);
  border-radius: 4px;
  box-shadow: var(--shadow);
  font-size: var(--text-small);
  pointer-events: none;
}

dt {
  color: var(--ink-soft);
}

dd {
  margin: 0;
  text-align: right;
}

.label {
  font-weight: 600;
}

.off {
  color: var(--rosewood);
}
</style>
