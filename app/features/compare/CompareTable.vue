<script setup lang="ts">
import { SURFACES, type Surface } from '~~/core/checks/types'
import { isZeroPart, percentText } from './percent'
import { plainly } from '~~/core/decimal/plainly'
import type { Comparing } from './useCompare'
import { levelWords } from '~/stores/levelWords'
import { compareTable as words } from './words'

/** Styles side by side on the same values; what differs from the first stands out. */
const props = defineProps<{ comparing: Comparing; hand: number }>()
const emit = defineEmits<{ take: [at: number] }>()

const columns = computed(() => props.comparing.columns.value)
const values = computed(() => props.comparing.values.value)
const targets = (['quantity', ...SURFACES] as const).map((id) => ({ id, title: levelWords[id] }))
const beads = { error: 'bad', warning: 'busy', note: '' } as const
const counted = (at: number) =>
  (['error', 'warning', 'note'] as const)
    .map((severity) => ({
      severity,
      checks:
        columns.value[at]!.measured?.findings.filter((one) => one.severity === severity) ?? [],
    }))
    .filter(({ checks }) => checks.length > 0)
/** Of all columns the least wide, the least far off: what a look is for. */
const narrowest = computed(() =>
  Math.min(...columns.value.map(({ measured }) => measured?.widest.width ?? Infinity)),
)
function takeFor(at: number, level: 'quantity' | Surface) {
  props.comparing.take(at, level)
}
</script>

<template>
  <div class="scroll">
    <table>
      <thead>
        <tr>
          <th scope="col" class="value">{{ words.number }}</th>
          <th
            v-for="(column, at) in columns"
            :key="at"
            scope="col"
            :class="{ hand: at === hand }"
            @click="emit('take', at)"
          >
            <span class="head">
              <button
                type="button"
                class="name"
                :aria-pressed="at === hand"
                :aria-label="words.style(at + 1, column.title)"
              >
                {{ column.title }}
              </button>
              <span class="tools">
                <QuietButton :aria-pressed="column.pinned" @click.stop="comparing.pin(at)">
                  {{ column.pinned ? words.pinned : words.pin }}
                </QuietButton>
                <QuietButton
                  :disabled="at === 0"
                  :aria-label="words.moveStyleLeft(at + 1)"
                  @click.stop="comparing.move(at, -1)"
                >
                  ←
                </QuietButton>
                <QuietButton
                  :disabled="at === columns.length - 1"
                  :aria-label="words.moveStyleRight(at + 1)"
                  @click.stop="comparing.move(at, 1)"
                >
                  →
                </QuietButton>
                <QuietButton v-if="!comparing.isFull.value" @click.stop="comparing.add(at)">
                  {{ words.copy }}
                </QuietButton>
                <QuietButton v-if="!comparing.isLeast.value" @click.stop="comparing.remove(at)">
                  {{ words.remove }}
                </QuietButton>
              </span>
            </span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(value, row) in values" :key="row">
          <th scope="row" class="value">{{ value === null ? words.missing : plainly(value) }}</th>
          <td
            v-for="(column, at) in columns"
            :key="at"
            :class="{
              hand: at === hand,
              same: at > 0 && column.labels[row] === columns[0]!.labels[row],
              misread: column.misread.has(row),
            }"
          >
            {{ column.labels[row] }}
          </td>
        </tr>
      </tbody>
      <tfoot>
        <tr>
          <th scope="row">{{ words.widest }}</th>
          <td v-for="(column, at) in columns" :key="at" :class="{ hand: at === hand }">
            <template v-if="column.measured"
              ><b :class="{ best: column.measured.widest.width === narrowest }">{{
                words.px(Math.ceil(column.measured.widest.width))
              }}</b
              >{{ ' ' }}
              <span class="soft">{{
                column.measured.labels[column.measured.widest.at]
              }}</span></template
            >
          </td>
        </tr>
        <tr>
          <th scope="row">{{ words.offAtMost }}</th>
          <td v-for="(column, at) in columns" :key="at" :class="{ hand: at === hand }">
            <template v-if="column.measured"
              ><b :class="{ best: isZeroPart(column.measured.worst.off) }">{{
                percentText(column.measured.worst.off)
              }}</b
              >{{ ' ' }}
              <span v-if="!isZeroPart(column.measured.worst.off)" class="soft">{{
                column.measured.labels[column.measured.worst.at]
              }}</span></template
            >
          </td>
        </tr>
        <tr>
          <th scope="row">{{ words.differentLabels }}</th>
          <td v-for="(column, at) in columns" :key="at" :class="{ hand: at === hand }">
            <template v-if="column.measured"
              ><b :class="{ best: column.measured.different === column.measured.values }">{{
                column.measured.different
              }}</b
              >{{ ' ' }}
              <span class="soft">{{ words.ofValues(column.measured.values) }}</span></template
            >
          </td>
        </tr>
        <tr>
          <th scope="row">{{ words.findings }}</th>
          <td v-for="(column, at) in columns" :key="at" :class="{ hand: at === hand }">
            <span v-if="column.measured && column.measured.findings.length === 0"
              ><span class="bead good" /> {{ words.none }}</span
            >
            <details v-else-if="column.measured">
              <summary>
                <span v-for="{ severity, checks } in counted(at)" :key="severity" class="count"
                  ><span class="bead" :class="beads[severity]" /> {{ checks.length }} {{ severity
                  }}{{ checks.length === 1 ? '' : 's' }}</span
                >
              </summary>
              <p v-for="{ check } in column.measured.findings" :key="check.id">{{ check.title }}</p>
            </details>
          </td>
        </tr>
        <tr class="takes">
          <td class="value" />
          <td v-for="(_, at) in columns" :key="at" :class="{ hand: at === hand }">
            <Select
              :model-value="null"
              :options="targets"
              option-label="title"
              option-value="id"
              :placeholder="words.writeSo"
              :aria-label="words.writeWithStyle(at + 1)"
              size="small"
              @update:model-value="takeFor(at, $event)"
            />
          </td>
        </tr>
      </tfoot>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  min-height: 0;
  overflow: auto;
  background: var(--sheet);
  box-shadow: var(--shadow);
}

table {
  border-spacing: 0;
  font-variant-numeric: tabular-nums;
}

th,
td {
  min-width: 150px;
  padding: 3px var(--gap-4);
  text-align: right;
  white-space: nowrap;
  border-bottom: 1px solid var(--rule-soft);
}

thead th {
  position: sticky;
  top: 0;
  z-index: 1;
  padding-top: var(--gap-2);
  vertical-align: bottom;
  background: var(--sheet);
  border-bottom: 1px solid var(--ink-soft);
  cursor: pointer;
}

.value,
tfoot th {
  position: sticky;
  left: 0;
  color: var(--ink-soft);
  font-weight: 400;
  background: var(--sheet);
}

thead .value {
  z-index: 2;
}

.head {
  display: grid;
  gap: 2px;
  justify-items: end;
  max-width: 240px;
}

.name {
  padding: 0;
  color: inherit;
  font: inherit;
  font-weight: 600;
  text-align: right;
  white-space: normal;
  background: none;
  border: 0;
  cursor: pointer;
}

.tools {
  display: flex;
  gap: var(--gap-2);
  font-weight: 400;
}

.tools button:disabled {
  visibility: hidden;
}

.hand {
  background: var(--paper);
}

.same {
  color: var(--ink-faint);
}

.misread {
  color: var(--rosewood);
}

tfoot {
  position: sticky;
  bottom: 0;
  background: var(--sheet);
}

tfoot tr:first-child > * {
  border-top: 1px solid var(--ink-soft);
}

tfoot td {
  font-size: var(--text-small);
}

.best {
  color: var(--jade);
}

.count {
  margin-left: var(--gap-2);
}

details p {
  color: var(--ink-soft);
}

.takes td {
  border-bottom: 0;
}
</style>
