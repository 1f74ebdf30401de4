<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { Surface } from '~~/core/surfaces'
import { briefly } from '~~/core/decimal/plainly'
import type { Level } from '~~/shared/quantities'
import type { Page } from './usePage'
import { levelAt, levelWords } from '~/stores/levelWords'
import { readingOf } from './reading'
import { useLevels } from '~/stores/levels'
import { words as catalogue } from '~~/words'

const words = catalogue.page.labelNote

/**
 * Beside the label under the pointer: its true value, what a reader takes it for, and what a click
 * does.
 */
const props = defineProps<{ page: Page; within: HTMLElement | null }>()
const levels = useLevels()

interface Note {
  /** Of a label that stands for one number. */
  readonly reading: {
    readonly value: string
    readonly label: string
    readonly reads: string
    readonly off: string
  } | null
  readonly level: Level
  readonly x: number
  readonly y: number
}
const WIDTH = 260
const note = shallowRef<Note | null>(null)

function readingAt({ dataset, textContent }: HTMLElement) {
  const surface = dataset.surface as Surface | undefined
  const value = surface && props.page.valueAt(surface, Number(dataset.at))
  if (!value) return null
  const label = textContent.replace(/^†/, '')
  return {
    value: briefly(value),
    label,
    ...readingOf(label, value, props.page[`written.${surface}`].value.plan),
  }
}
function show(event: PointerEvent) {
  const target = event.target as Element
  const element =
    target.closest<HTMLElement>('[data-surface]') ?? target.closest<HTMLElement>('[data-level]')
  const level = levelAt(target)
  if (!element || !level) return (note.value = null)
  const { left, bottom, width } = element.getBoundingClientRect()
  note.value = {
    reading: readingAt(element),
    level,
    x: Math.max(4, Math.min(window.innerWidth - WIDTH - 4, left + width / 2 - WIDTH / 2)),
    y: bottom + 6,
  }
}
useEventListener(() => props.within, 'pointerover', show)
useEventListener(
  () => props.within,
  'pointerleave',
  () => (note.value = null),
)
/** A surface that is in hand already is not offered. */
const offers = computed(() =>
  note.value && note.value.level !== levels.level
    ? words.click({ where: levelWords[note.value.level] })
    : '',
)
</script>

<template>
  <div
    v-if="note && (note.reading || offers)"
    class="note"
    :style="{ left: `${note.x}px`, top: `${note.y}px`, width: `${WIDTH}px` }"
    dir="ltr"
    role="tooltip"
  >
    <dl v-if="note.reading">
      <dt>{{ words.value }}</dt>
      <dd>{{ note.reading.value }}</dd>
      <dt>{{ words.label }}</dt>
      <dd class="label">{{ note.reading.label }}</dd>
      <dt>{{ words.readsAs }}</dt>
      <dd>{{ note.reading.reads }}</dd>
      <template v-if="note.reading.off"
        ><dt>{{ words.offBy }}</dt>
        <dd class="off">{{ note.reading.off }}</dd></template
      >
    </dl>
    <p v-if="offers" class="offers">{{ offers }}</p>
  </div>
</template>

<style scoped>
.note {
  position: fixed;
  z-index: 20;
  padding: var(--gap-2) var(--gap-3);
  background: var(--paper);
  border: 1px solid var(--rule);
  border-radius: 4px;
  box-shadow: var(--shadow);
  font-size: var(--text-small);
  pointer-events: none;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 var(--gap-3);
  margin: 0;
}

.offers {
  color: var(--jade);
}

dl + .offers {
  margin-top: var(--gap-1);
  padding-top: var(--gap-1);
  border-top: 1px solid var(--rule-soft);
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
