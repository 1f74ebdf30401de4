<script setup lang="ts">
import { REGION_WAYS, regionSheet, regionWays, type RegionWay } from '~~/core/compare/readings'
import { inherit } from '~~/core/style/inherit'
import { toExactText } from '~~/core/decimal/decimal'
import type { Page } from '~/features/page/usePage'
import { languageName } from '~~/core/locale/languageName'
import { regionOptions } from '~/features/regions/regionNames'
import { useRegionPages } from '~/features/regions/useRegionPages'
import { isAlike, type RegionRow } from '~/features/regions/regionRows'
import { useLevels } from '~/stores/levels'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.regions.regionsPage

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
        study.change(words.lookAt({ regions: locales.map(languageName).join(', ') }), {
          ...study.document,
          regions: locales,
        })
    },
    words.unchanged,
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

const pages = useRegionPages(page.inputsNow, () => here.value)

const numbers = computed(() => page['numbers.marks'].value.slice(0, MOST_NUMBERS))
const values = computed(() => numbers.value.map(toExactText))
const sheetOf = (way: RegionWay): readonly RegionRow[] => {
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
const use = ({ locale, patch, way }: RegionRow) =>
  levels.setStyle(
    words.setRegion({
      quantity: study.quantity?.title ?? '',
      region: `${languageName(locale)}${words.inWay[way]}`,
    }),
    { locale, ...patch },
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
          :aria-label="words.title"
          class="in-text"
          :max-selected-labels="0"
          :selected-items-label="words.several"
          @update:model-value="choose"
        />
        {{ words.intro }}
        <span v-if="isIncomplete" class="soft">{{ words.missingGlyphs }}</span>
      </p>
      <p v-if="study.refused || trouble" class="trouble" role="alert">
        {{ study.refused || trouble }}
      </p>
      <div class="both">
        <RegionTable
          :numbers="numbers"
          :rows="byRegion.flat()"
          :own="style.locale"
          :font-size="FONT_SIZE"
          @use="use"
        />
        <RegionPages :pages="pages" />
      </div>
    </template>
    <NoNumbers v-else :page="page" />
  </div>
</template>

<style scoped>
.screen {
  align-items: flex-start;
}

/* The pages take the room that the table leaves. */
.both {
  display: flex;
  gap: var(--gap-5);
  align-items: flex-start;
  width: 100%;
  min-height: 0;
}

.both > * {
  max-height: 100%;
}

.trouble {
  color: var(--rosewood);
}
</style>
