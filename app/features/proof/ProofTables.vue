<script setup lang="ts">
import type { PartView, ProofView } from '~~/shared/proof/view'

/** A finished table as its cells stand, with what was read of its columns. */
const props = defineProps<{
  table: ProofView['tables'][number]
  parts: readonly { readonly part: PartView; readonly at: number }[]
  shown: number | null
  marked: ReadonlyMap<number, ReadonlySet<number>>
}>()
const emit = defineEmits<{ take: [part: number] }>()

const columns = computed(() =>
  props.table.heads.map((_, at) => props.parts.find(({ part }) => part.column === at)),
)
/** Whether a cell is one that a finding is about. */
function isMarked(column: number, row: number): boolean {
  const found = columns.value[column]
  const label = found?.part.labels.findIndex((one) => one.row === row) ?? -1
  return found !== undefined && (props.marked.get(found.at)?.has(label) ?? false)
}
</script>

<template>
  <table class="work">
    <caption v-if="table.title">
      {{
        table.title
      }}
    </caption>
    <thead>
      <tr>
        <th v-for="(head, column) in table.heads" :key="column" scope="col">
          <button
            v-if="columns[column]"
            type="button"
            class="head"
            :class="{ shown: columns[column]!.at === shown }"
            @click="emit('take', columns[column]!.at)"
          >
            {{ head }}
          </button>
          <template v-else>{{ head }}</template>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, at) in table.rows" :key="at">
        <td
          v-for="(cell, column) in row"
          :key="column"
          :class="{ number: columns[column], marked: isMarked(column, at) }"
        >
          {{ cell }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.work {
  border-collapse: collapse;
  background: var(--sheet);
  box-shadow: var(--shadow);
}

caption {
  padding: var(--gap-2);
  font-weight: 600;
  text-align: left;
}

th,
td {
  padding: var(--gap-1) var(--gap-3);
  border-bottom: 1px solid var(--rule-soft);
  text-align: left;
}

.number {
  text-align: right;
}

.head {
  padding: 0;
  border: 0;
  border-bottom: 1px solid var(--jade);
  background: none;
  color: inherit;
  font-weight: 600;
  cursor: pointer;
}

.head.shown {
  background: var(--jade-wash);
}

.marked {
  outline: 2px dashed var(--rosewood);
  outline-offset: -2px;
}
</style>
