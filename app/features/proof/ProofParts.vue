<script setup lang="ts">
import { plainly } from '~~/core/decimal/plainly'
import { decimal } from '~~/core/decimal/decimal'
import type { PartView } from '~~/shared/proof/view'
import { words as catalogue } from '~~/words'

const proofFindings = catalogue.proofread.proofFindings
const words = catalogue.proofread.proofParts

/** What was read of a finished work: its axes, data labels and columns, one of them in full. */
const props = defineProps<{
  parts: readonly PartView[]
  shown: number | null
}>()
const emit = defineEmits<{ take: [part: number]; mend: [] }>()

const scaleOf = ({ scale, step }: PartView): string =>
  [scale ? words.scale[scale] : '', step ? words.step({ step: plainly(decimal(step)) }) : '']
    .filter(Boolean)
    .join(', ')
const part = computed(() => (props.shown === null ? null : props.parts[props.shown]))
const told = (text: string) => plainly(decimal(text))
const isOff = ({ said, value }: PartView['labels'][number]) => told(said) !== told(value)
const FIRST = 200
</script>

<template>
  <section class="parts">
    <div class="tabs" role="group" :aria-label="words.title">
      <button
        v-for="(one, at) in parts"
        :key="at"
        type="button"
        class="tab"
        :aria-pressed="at === shown"
        @click="emit('take', at)"
      >
        <b>{{ one.title }}</b>
        <span class="soft"
          >{{ scaleOf(one) }}<template v-if="scaleOf(one)">, </template
          >{{ words.labels({ count: one.labels.length }) }}</span
        >
      </button>
      <Button
        v-if="part"
        size="small"
        variant="outlined"
        :label="proofFindings.fix"
        class="take"
        @click="emit('mend')"
      />
    </div>
    <template v-if="part">
      <p v-if="part.otherwise" class="soft">
        {{
          words.ambiguous({
            region: part.otherwise.reader,
            first: told(part.otherwise.said[0] ?? '0'),
          })
        }}
      </p>
      <table class="labels">
        <tbody>
          <tr>
            <th scope="row">{{ words.label }}</th>
            <td v-for="(label, at) in part.labels.slice(0, FIRST)" :key="at">{{ label.text }}</td>
          </tr>
          <tr>
            <th scope="row">{{ words.reading }}</th>
            <td v-for="(label, at) in part.labels.slice(0, FIRST)" :key="at">
              {{ told(label.said) }}
            </td>
          </tr>
          <tr v-if="part.kind !== 'column' || part.labels.some(isOff)">
            <th scope="row">{{ words.position }}</th>
            <td
              v-for="(label, at) in part.labels.slice(0, FIRST)"
              :key="at"
              :class="{ off: isOff(label) }"
            >
              {{ told(label.value) }}
            </td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
.parts {
  display: grid;
  gap: var(--gap-3);
  min-width: 0;
}

.tabs {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}

.tab {
  display: grid;
  padding: var(--gap-1) var(--gap-3);
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: inherit;
  text-align: left;
  cursor: pointer;
}

.tab[aria-pressed='true'] {
  border-color: var(--jade);
  background: var(--jade-wash);
}

.take {
  align-self: center;
  margin-left: auto;
}

.labels {
  display: block;
  overflow-x: auto;
  border-collapse: collapse;
  font-size: var(--text-small);
}

th {
  position: sticky;
  left: 0;
  padding-right: var(--gap-3);
  background: var(--desk);
  color: var(--ink-soft);
  font-weight: 400;
  text-align: left;
  white-space: nowrap;
}

td {
  padding: 1px var(--gap-3);
  text-align: right;
  white-space: pre;
}

.off {
  color: var(--rosewood);
  font-weight: 600;
}
</style>
