<script setup lang="ts">
import { directionOf } from '~~/core/locale/direction'
import {
  REGION_WAYS,
  regionSheet,
  regionWays,
  type RegionLabels,
  type RegionWay,
} from '~~/core/compare/readings'
import type { Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { toExactText } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import type { Page } from '~/features/page/usePage'
import { regionName, regionOptions } from '~/features/regions/regionNames'
import { useLevels } from '~/stores/levels'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { regionsPage as words } from '~/features/regions/words'

const FONT_SIZE = 14
/** Numbers that stand beside each other on a screen. */
const MOST_NUMBERS = 4
const USUAL = ['de', 'fr', 'en-IN', 'hi', 'ar-EG', 'ja']
const study = useStudy()
const levels = useLevels()
const regions = useLocaleTables()
const { page } = defineProps<{ page: Page }>()

const style = computed(() => page['style.marks'].value)
const chosen = structuralComputed(
  () =>
    study.document?.regions ?? [
      ...new Set([style.value.locale, ...(study.readers ?? []), ...USUAL]),
    ],
)
const options = computed(() => regionOptions(chosen.value))
const choose = (locales: string[]) =>
  study.withTables(
    locales.map((locale) => ({ ...style.value, locale })),
    () => {
      if (study.document && locales.length > 0)
        study.change(words.lookAt(locales.map(regionName).join(', ')), {
          ...study.document,
          regions: locales,
        })
    },
    words.choiceRegionsStays,
  )

const trouble = ref('')
/** Labels are never shown by another region's rules: the tables come first. */
const here = shallowRef<readonly string[]>([])
watch(
  [chosen, style],
  async ([locales]) => {
    try {
      await regions.load(
        locales.flatMap((locale) =>
          REGION_WAYS.map((way) =>
            inherit({ ...style.value, ...regionWays[way](style.value), locale }),
          ),
        ),
      )
      here.value = locales
      trouble.value = ''
    } catch (error) {
      trouble.value = (error as Error).message
    }
  },
  { immediate: true },
)

const numbers = computed(() => page['numbers.marks'].value.slice(0, MOST_NUMBERS))
const values = computed(() => numbers.value.map(toExactText))
/** A region's labels in one of its ways, with what takes them. */
interface Row extends RegionLabels {
  readonly way: RegionWay
  readonly patch: Style
}
const sheetOf = (way: RegionWay): readonly Row[] => {
  const patch = regionWays[way](style.value)
  const written = regionSheet(
    inherit({ ...style.value, ...patch }),
    { values: values.value, rows: page.markRows.value?.slice(0, MOST_NUMBERS) },
    here.value,
    { ...page['context.marks'].value, ...regions.loaded },
    FONT_SIZE,
  )
  return written.map((one) => ({ ...one, way, patch }))
}
const isAlike = (a: RegionLabels, b: RegionLabels) =>
  a.locale === b.locale && a.labels.join('\n') === b.labels.join('\n')
/** Each region's rows: as the style writes, then its own ways where they are others. */
const byRegion = computed(() => {
  if (values.value.length === 0) return []
  const all = REGION_WAYS.flatMap(sheetOf)
  const telling = all.filter((one, at) => !all.slice(0, at).some((other) => isAlike(one, other)))
  return here.value.map((locale) => telling.filter((row) => row.locale === locale))
})
/** Whether this machine has no typeface for some labels. */
const isIncomplete = computed(() =>
  byRegion.value.flat().some(({ labels }) => labels.some(hasUndrawable)),
)
const widest = computed(() => Math.max(0, ...byRegion.value.flat().map((one) => one.widest.width)))
/** Readers who take a label for the same number are told together. */
function takenIn({
  taken,
  labels,
}: RegionLabels): { label: string; reads: string; readers: string }[] {
  const by = new Map<string, { label: string; reads: string; names: string[] }>()
  for (const { at, reads, reader } of taken) {
    const told = { label: labels[at]!, reads: plainly(reads), names: [] as string[] }
    const key = `${at} ${told.reads}`
    const found = by.get(key) ?? told
    found.names.push(regionName(reader))
    by.set(key, found)
  }
  return [...by.values()].map(({ names, ...one }) => ({ ...one, readers: names.join(', ') }))
}
const use = ({ locale, patch, way }: Row) =>
  levels.setStyle(
    words.region(study.quantity?.title ?? '', `${regionName(locale)}${words.inWay[way]}`),
    { locale, ...patch },
    { at: ['quantity'] },
  )
const isInUse = ({ locale, way }: Row) => way === 'style' && locale === style.value.locale
</script>

<template>
  <div class="screen column">
    <template v-if="page.drawing.value">
      <p class="on">
        <strong>{{ study.quantity?.title }}</strong> {{ words.asReaders }}
        <MultiSelect
          :model-value="[...chosen]"
          :options="options"
          option-label="title"
          option-value="id"
          filter
          :show-toggle-all="false"
          :aria-label="words.regions"
          class="in-text"
          :max-selected-labels="0"
          :selected-items-label="words.phraseRegions"
          @update:model-value="choose"
        />
        {{ words.wouldHaveAndWhat }}
        <span v-if="isIncomplete" class="soft">{{ words.byNumber }}</span>
      </p>
      <p v-if="study.refused || trouble" class="trouble" role="alert">
        {{ study.refused || trouble }}
      </p>
      <div class="box" tabindex="0" role="region" :aria-label="words.labelsByRegion">
        <table :style="{ fontSize: `${FONT_SIZE}px` }">
          <thead>
            <tr>
              <th scope="col">{{ words.regionLabel }}</th>
              <th scope="col">
                <span class="unseen">{{ words.use }}</span>
              </th>
              <th v-for="(number, at) in numbers" :key="at" scope="col" class="number">
                {{ plainly(number) }}
              </th>
              <th scope="col" class="number">{{ words.widest }}</th>
              <th scope="col">{{ words.readAsAnotherNumber }}</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in byRegion.flat()"
              :key="`${row.locale} ${row.way}`"
              :data-region="row.way === 'style' ? row.locale : undefined"
              :data-way="row.way"
              :class="{ own: row.locale === style.locale, first: row.way === 'style' }"
            >
              <th scope="row">
                <template v-if="row.way === 'style'"
                  >{{ regionName(row.locale) }} <span class="soft">{{ row.locale }}</span></template
                >
                <span v-else class="way"
                  ><span class="unseen">{{ regionName(row.locale) }} </span
                  >{{ words.way[row.way] }}</span
                >
              </th>
              <td>
                <span v-if="isInUse(row)" class="soft">{{ words.asItIs }}</span>
                <QuietButton v-else @click="use(row)">{{ words.writeSo }}</QuietButton>
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
                {{ words.px(Math.ceil(row.widest.width)) }}
              </td>
              <td class="taken">
                <template v-if="row.taken.length === 0"
                  ><span class="bead good" /> {{ words.byNoneOthers }}</template
                >
                <p v-for="one in takenIn(row)" v-else :key="one.label + one.reads">
                  <span class="bead busy" /> <bdi :title="one.label">{{ one.label }}</bdi>
                  {{ words.inReads(one.reads, one.readers) }}
                </p>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </template>
    <NoNumbers v-else :page="page" />
  </div>
</template>

<style scoped>
.screen {
  align-items: flex-start;
}

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

.trouble {
  color: var(--rosewood);
}
</style>
