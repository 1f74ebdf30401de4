<script setup lang="ts">
import { directionOf } from '~~/core/locale/direction'
import type { Decimal } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import { languageName } from '~~/core/locale/languageName'
import { type RegionRow, takenIn } from './regionRows'
import { words as catalogue } from '~~/words'

const words = catalogue.regions.regionsPage

/** Some numbers as each region writes them, and what readers of the others take them for. */
const props = defineProps<{
  numbers: readonly Decimal[]
  rows: readonly RegionRow[]
  /** The region of the style. */
  own: string
  fontSize: number
}>()
const emit = defineEmits<{ use: [row: RegionRow] }>()
const widest = computed(() => Math.max(0, ...props.rows.map((one) => one.widest.width)))
const isInUse = ({ locale, way }: RegionRow) => way === 'style' && locale === props.own
</script>

<template>
  <div class="box" tabindex="0" role="region" :aria-label="words.tableLabel">
    <table :style="{ fontSize: `${fontSize}px` }">
      <thead>
        <tr>
          <th scope="col">{{ words.region }}</th>
          <th scope="col">
            <span class="unseen">{{ words.use }}</span>
          </th>
          <th v-for="(number, at) in numbers" :key="at" scope="col" class="number">
            {{ plainly(number) }}
          </th>
          <th scope="col" class="number">{{ words.widest }}</th>
          <th scope="col">{{ words.misread }}</th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="`${row.locale} ${row.way}`"
          :data-region="row.way === 'style' ? row.locale : undefined"
          :data-way="row.way"
          :class="{ own: row.locale === own, first: row.way === 'style' }"
        >
          <th scope="row">
            <template v-if="row.way === 'style'"
              >{{ languageName(row.locale) }} <span class="soft">{{ row.locale }}</span></template
            >
            <span v-else class="way"
              ><span class="unseen">{{ languageName(row.locale) }} </span
              >{{ words.way[row.way] }}</span
            >
          </th>
          <td>
            <span v-if="isInUse(row)" class="soft">{{ words.current }}</span>
            <QuietButton v-else @click="emit('use', row)">{{ words.apply }}</QuietButton>
          </td>
          <td
            v-for="(label, place) in row.labels"
            :key="place"
            class="number"
            :class="{ flagged: row.taken.some((one) => one.at === place) }"
          >
            <bdi :lang="row.locale" :dir="directionOf(row.locale)" :title="label">{{
              drawable(label)
            }}</bdi>
          </td>
          <td class="number" :class="{ most: row.widest.width === widest }">
            {{ words.px({ width: Math.ceil(row.widest.width) }) }}
          </td>
          <td class="taken">
            <template v-if="row.taken.length === 0"
              ><span class="bead good" /> {{ words.notMisread }}</template
            >
            <p v-for="one in takenIn(row)" v-else :key="one.label + one.reads">
              <span class="bead busy" /> <bdi :title="one.label">{{ one.label }}</bdi>
              {{ words.reads({ reading: one.reads, regions: one.readers }) }}
            </p>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.box {
  max-width: 100%;
  min-height: 0;
  background: var(--sheet);
  box-shadow: var(--shadow);
  overflow: auto;
}

table {
  border-collapse: collapse;
}

th,
td {
  padding: var(--gap-1) var(--gap-3);
  border-bottom: 1px solid var(--rule-soft);
  text-align: start;
  vertical-align: baseline;
  white-space: nowrap;
}

thead th {
  position: sticky;
  top: 0;
  padding-block: var(--gap-2);
  background: var(--sheet);
  border-color: var(--ink-soft);
  color: var(--ink-soft);
}

tbody th {
  font-weight: 600;
}

.number {
  text-align: end;
}

/* A label of three hundred digits is cut here. */
bdi {
  display: inline-block;
  max-width: 300px;
  overflow: hidden;
  text-overflow: ellipsis;
  vertical-align: bottom;
  white-space: nowrap;
}

.way {
  padding-inline-start: var(--gap-3);
  color: var(--ink-soft);
  font-weight: 400;
}

tbody tr:not(.first) > * {
  font-size: 0.93em;
}

.own {
  background: var(--paper);
}

.flagged {
  color: var(--rosewood);
  text-decoration: var(--misleading);
  text-underline-offset: 3px;
}

.most {
  font-weight: 600;
}

.taken,
.taken p {
  max-width: 46ch;
  white-space: normal;
}
</style>
