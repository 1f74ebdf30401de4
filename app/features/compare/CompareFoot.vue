<script setup lang="ts">
import { beads } from '~/composables/beads'
import { SURFACES, type Surface } from '~~/core/surfaces'
import { levelWords } from '~/stores/levelWords'
import { isZeroPart, percentText } from './percent'
import type { Comparing } from './useCompare'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.compareTable

/** What each style comes to: its widest label, its worst loss, what is found of it. */
const props = defineProps<{ comparing: Comparing; hand: number }>()
const columns = computed(() => props.comparing.columns.value)
const targets = (['quantity', ...SURFACES] as const).map((id) => ({ id, title: levelWords[id] }))
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
  <tfoot>
    <tr>
      <th scope="row">{{ words.widest }}</th>
      <td v-for="(column, at) in columns" :key="at" :class="{ hand: at === hand }">
        <template v-if="column.measured"
          ><b :class="{ best: column.measured.widest.width === narrowest }">{{
            words.px({ width: Math.ceil(column.measured.widest.width) })
          }}</b
          >{{ ' ' }}
          <span class="soft">{{
            column.measured.labels[column.measured.widest.at]
          }}</span></template
        >
      </td>
    </tr>
    <tr>
      <th scope="row">{{ words.maxError }}</th>
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
          <span class="soft">{{
            words.ofValues({ values: column.measured.values })
          }}</span></template
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
          :placeholder="words.apply"
          :aria-label="words.applyStyle({ at: at + 1 })"
          size="small"
          @update:model-value="takeFor(at, $event)"
        />
      </td>
    </tr>
  </tfoot>
</template>
