<script setup lang="ts">
import { directionOf } from '~~/core/locale/direction'
import { regionSheet, type RegionLabels } from '~~/core/compare/readings'
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
const MOST_NUMBERS = 6
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
      await regions.load(locales.map((locale) => ({ ...style.value, locale })))
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
const sheet = computed<readonly RegionLabels[]>(() =>
  values.value.length === 0
    ? []
    : regionSheet(
        style.value,
        { values: values.value, rows: page.markRows.value?.slice(0, MOST_NUMBERS) },
        here.value,
        { ...page['context.marks'].value, ...regions.loaded },
        FONT_SIZE,
      ),
)
const widest = computed(() => Math.max(0, ...sheet.value.map((one) => one.widest.width)))
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
const use = (locale: string) =>
  levels.setStyle(
    words.region(study.quantity?.title ?? '', regionName(locale)),
    { locale },
    { at: ['quantity'] },
  )
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
      </p>
      <p v-if="study.refused || trouble" class="trouble" role="alert">
        {{ study.refused || trouble }}
      </p>
      <div class="box" tabindex="0" role="region" :aria-label="words.labelsByRegion">
        <table :style="{ fontSize: `${FONT_SIZE}px` }">
          <thead>
            <tr>
              <th scope="col">{{ words.regionLabel }}</th>
              <th v-for="(number, at) in numbers" :key="at" scope="col" class="number">
                {{ plainly(number) }}
              </th>
              <th scope="col" class="number">{{ words.widest }}</th>
              <th scope="col">{{ words.readAsAnotherNumber }}</th>
              <th scope="col">
                <span class="unseen">{{ words.use }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in sheet"
              :key="row.locale"
              :data-region="row.locale"
              :class="{ own: row.locale === style.locale }"
            >
              <th scope="row">
                {{ regionName(row.locale) }} <span class="soft">{{ row.locale }}</span>
              </th>
              <td
                v-for="(label, at) in row.labels"
                :key="at"
                class="number"
                :class="{
                  flagged: row.taken.some((one) => one.at === at),
                  widest: row.widest.at === at,
                }"
              >
                <bdi :lang="row.locale" :dir="directionOf(row.locale)">{{ label }}</bdi>
              </td>
              <td class="number" :class="{ most: row.widest.width === widest }">
                {{ words.px(Math.ceil(row.widest.width)) }}
              </td>
              <td class="taken">
                <template v-if="row.taken.length === 0"
                  ><span class="bead good" /> {{ words.byNoneOthers }}</template
                >
                <p v-for="one in takenIn(row)" v-else :key="one.label + one.reads">
                  <span class="bead busy" /> <bdi>{{ one.label }}</bdi>
                  {{ words.inReads(one.reads, one.readers) }}
                </p>
              </td>
              <td>
                <QuietButton v-if="row.locale !== style.locale" @click="use(row.locale)">
                  {{ words.writeSo }}</QuietButton><span v-else class="soft">{{
                  words.asItIs
                }}</span>
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
