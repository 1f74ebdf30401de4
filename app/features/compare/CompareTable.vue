<script setup lang="ts">
import { plainly } from '~~/core/decimal/plainly'
import type { Comparing } from './useCompare'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.compareTable

/** Styles side by side on the same values; what differs from the first stands out. */
const props = defineProps<{ comparing: Comparing; hand: number }>()
const emit = defineEmits<{ take: [at: number] }>()

const columns = computed(() => props.comparing.columns.value)
const values = computed(() => props.comparing.values.value)
/** Whether a style writes a row as the first one does. */
const isAsFirst = (at: number, row: number) =>
  at > 0 && columns.value[at]!.labels[row] === columns.value[0]!.labels[row]
/** On these the order of the numbers says something of its own. */
const ORDERED = ['typed', 'axis']
const isOrdered = computed(() => ORDERED.includes(props.comparing.comparison.value.on))
/** Rows whose labels differ stand first. */
const rows = computed(() => {
  const places = values.value.map((value, row) => ({
    value,
    row,
    isAlike: columns.value.every(({ labels }) => labels[row] === columns.value[0]!.labels[row]),
  }))
  if (isOrdered.value) return places
  return [...places.filter(({ isAlike }) => !isAlike), ...places.filter(({ isAlike }) => isAlike)]
})
const firstAlike = computed(() =>
  isOrdered.value ? -1 : rows.value.findIndex(({ isAlike }) => isAlike),
)
/** The row whose digits are shown. */
const opened = ref<number | null>(null)
const digits = computed(() =>
  columns.value.map((column) => (opened.value === null ? null : column.digits(opened.value))),
)
</script>

<template>
  <div class="compared">
    <table>
      <CompareHead :comparing="comparing" :hand="hand" @take="emit('take', $event)" />
      <tbody>
        <template v-for="({ value, row }, place) in rows" :key="row">
          <tr v-if="place === firstAlike && place > 0" class="part">
            <th :colspan="columns.length + 1">{{ words.alike }}</th>
          </tr>
          <tr>
            <th scope="row" class="value">
              <template v-if="value === null">{{ words.missing }}</template>
              <button
                v-else
                type="button"
                class="name"
                :aria-expanded="opened === row"
                :title="words.showDigits({ value: plainly(value) })"
                @click="opened = opened === row ? null : row"
              >
                {{ plainly(value) }}
              </button>
            </th>
            <td
              v-for="(column, at) in columns"
              :key="at"
              :class="{
                hand: at === hand,
                same: isAsFirst(at, row),
                misread: column.misread.has(row),
              }"
              :title="isAsFirst(at, row) ? words.sameAsFirst : column.labels[row]"
            >
              {{ column.labels[row]
              }}<span v-if="opened === row && digits[at]" class="digits"
                >{{ digits[at]!.kept }}<b class="decides">{{ digits[at]!.decides }}</b
                ><span class="dropped">{{ digits[at]!.dropped }}</span></span
              >
            </td>
          </tr>
        </template>
      </tbody>
      <CompareFoot :comparing="comparing" :hand="hand" />
    </table>
  </div>
</template>

<style src="./table.css"></style>
