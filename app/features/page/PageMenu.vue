<script setup lang="ts">
import { type Surface, SURFACES, surfaces } from '~~/core/surfaces'
import { USUAL_FONT_SIZE } from '~~/shared/page/layout'
import type { StudyDocument } from '~~/shared/study/document'
import { useStudy } from '~/stores/study'
import { PAGE_WIDTHS, type Widths } from './useWidths'
import { words as catalogue } from '~~/words'

const words = catalogue.page.pageMenu
const pageWidths = catalogue.page.pageWidths
const surfaceNames = catalogue.surfaces.names

/** What stands on the page, and how large. */
const machine = defineModel<boolean>('machine', { required: true })
const width = defineModel<number | null>('width', { required: true })
const props = defineProps<{ widths: Widths }>()
const study = useStudy()
const list = useTemplateRef<{ toggle(event: Event): void }>('list')
/** The page's width in words, where it is not the window's. */
const shownFor = computed(() => PAGE_WIDTHS.find((one) => one.width === width.value)?.title)
const NO_WISHES = {}
const page = computed<NonNullable<StudyDocument['page']>>(() => study.document?.page ?? NO_WISHES)
const set = (what: string, patch: NonNullable<StudyDocument['page']>, moves = false) =>
  study.document &&
  study.change(what, { ...study.document, page: { ...page.value, ...patch } }, moves)
const isOn = (surface: Surface) => !page.value.without?.includes(surface)
function toggle(surface: Surface) {
  const without = page.value.without ?? []
  const name = { surface: surfaceNames[surface] }
  set(isOn(surface) ? words.hide(name) : words.show(name), {
    without: isOn(surface) ? [...without, surface] : without.filter((one) => one !== surface),
  })
}
/** What can stand elsewhere, and where; first where it stands by itself. */
const PARTS: readonly {
  readonly key: 'words' | 'table' | 'legend'
  readonly name: string
  readonly places: { readonly id: string; readonly title: string }[]
}[] = [
  {
    key: 'words',
    name: words.headline,
    places: [
      { id: 'above', title: words.above },
      { id: 'below', title: words.below },
    ],
  },
  {
    key: 'table',
    name: words.table,
    places: [
      { id: 'right', title: words.atRight },
      { id: 'left', title: words.atLeft },
      { id: 'below', title: words.belowChart },
    ],
  },
  {
    key: 'legend',
    name: words.legend,
    places: [
      { id: 'below', title: words.belowChart },
      { id: 'above', title: words.aboveChart },
    ],
  },
]
const [LEAST, MOST] = [9, 20]
const NOTHING = words.automatic
const toWidth = (text: string) =>
  /^\d+$/.test(text) && Number(text) >= 160 && Number(text) <= 2400 ? '' : words.widthError
</script>

<template>
  <div class="menu">
    <QuietButton aria-haspopup="dialog" @click="list?.toggle($event)">
      {{ words.menu }}
    </QuietButton>
    <QuietButton v-if="shownFor" :title="pageWidths.asWindow" @click="width = null">
      {{ pageWidths.at({ title: shownFor }) }} ×
    </QuietButton>
    <label class="switch"
      ><ToggleSwitch v-model="machine" input-id="machine" />
      <span class="words">{{ words.rawNumbers }}</span></label
    >
    <Popover ref="list" :aria-label="words.title" @show="props.widths.look">
      <div class="choices">
        <label v-for="surface in SURFACES" :key="surface"
          ><Checkbox
            binary
            size="small"
            :model-value="isOn(surface)"
            @update:model-value="toggle(surface)"
          />{{ surfaceNames[surface]
          }}<span
            v-if="surfaces[surface].isOfShades && !study.quantity?.chart.shaded"
            class="soft"
            >{{ words.legendHint }}</span
          ></label
        >
        <p v-for="{ key, name, places } in PARTS" :key="key">
          {{ name }}
          <PhraseSelect
            :value="page[key] ?? places[0]!.id"
            :options="places"
            :label="words.placeOf({ part: words.parts[key] })"
            @change="
              set(
                words.place({
                  part: words.parts[key],
                  place: places.find(({ id }) => id === $event)!.title,
                }),
                {
                  [key]: $event,
                },
              )
            "
          />
        </p>
        <p>
          {{ words.chart }}
          <TypedField
            :value="page.chartWidth === undefined ? undefined : String(page.chartWidth)"
            :placeholder="words.fillWidth"
            :label="words.chartWidth"
            :check="toWidth"
            @change="
              set(
                $event ? words.setChartWidth({ width: $event }) : NOTHING,
                { chartWidth: $event ? Number($event) : undefined },
                true,
              )
            "
          />
          {{ words.px }}
        </p>
        <p class="sized">
          {{ words.labels }}
          <Slider
            :min="LEAST"
            :max="MOST"
            :model-value="page.fontSize ?? USUAL_FONT_SIZE"
            :aria-label="words.fontSize"
            class="size"
            @update:model-value="set(words.setFontSize, { fontSize: Number($event) }, true)"
          />
          {{ words.pixels({ size: page.fontSize ?? USUAL_FONT_SIZE }) }}
        </p>
        <PageWidth v-model="width" :counts="props.widths.counts.value" />
      </div>
    </Popover>
  </div>
</template>

<style scoped>
.menu {
  display: flex;
  flex: none;
  gap: var(--gap-4);
  align-items: center;
}

.switch {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  color: var(--ink-soft);
  font-size: var(--text-small);
  cursor: pointer;
  --p-toggleswitch-width: 30px;
  --p-toggleswitch-height: 17px;
  --p-toggleswitch-handle-size: 11px;
}

@media (max-width: 1100px) {
  .menu {
    flex-direction: column;
    gap: var(--gap-1);
    align-items: flex-end;
  }

  .words {
    max-width: 88px;
    line-height: 1.15;
  }
}

.choices {
  display: grid;
  gap: var(--gap-1);
}

.choices label,
.sized {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
}

.size {
  width: 120px;
  margin: 0 var(--gap-2);
}
</style>
