<script setup lang="ts">
import { useScroll } from '@vueuse/core'
import { notationOf } from '~~/core/notations'
import { toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { superscript } from '~~/core/decimal/superscript'
import { regionOf } from '~~/core/label/region'
import { resolve } from '~~/core/label/resolve'
import { rungsNamed } from '~~/core/locale/compact'
import { fixedOn, laddersOf } from '~~/shared/ladders'
import type { FullStyle } from '~~/core/style/fields'
import { extent } from '~~/core/data/extent'
import type { Page } from '~/features/page/usePage'
import { ladderFindings, powersUsed, reachOf, STEP } from '~/features/ladders/ladderScale'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { useLadderEdits } from '~/features/ladders/useLadderEdits'
import { words as catalogue } from '~~/words'

const words = catalogue.ladders.laddersPage

const study = useStudy()
const regions = useLocaleTables()
const { page } = defineProps<{ page: Page }>()
const { valueOf, change, copy, rename, titleTrouble, going, remove, use } = useLadderEdits()

const regional = computed(() =>
  rungsNamed(regionOf(page['style.marks'].value.locale, regions.loaded).system.compact),
)
const ladders = computed(() => (study.document ? laddersOf(study.document, regional.value) : []))
/** Whether this machine has no typeface for some names. */
const isIncomplete = computed(() => ladders.value.some(({ title }) => hasUndrawable(title)))
const reach = computed(() => reachOf(ladders.value))
const height = computed(() => (reach.value.top - reach.value.bottom) * STEP)
/** Every third power, as ladders have their rungs. */
const EVERY = 3
const powers = computed(() =>
  Array.from(
    { length: reach.value.top - reach.value.bottom + 1 },
    (_, at) => reach.value.top - at,
  ).filter((power) => power % EVERY === 0),
)
const yOf = (power: number) => (reach.value.top - power) * STEP

/** What a ladder is known by. */
const idOf = (ladder: FullStyle['ladder']) => (typeof ladder === 'string' ? ladder : ladder.title)
/** The ladder that the quantity's labels stand on, and the rungs that they use. */
const used = computed(() => {
  const style = page['style.marks'].value
  const id = notationOf(style).hasRungs ? idOf(style.ladder) : null
  return {
    id,
    powers: powersUsed(page['written.marks'].value.plan, [
      ...page['numbers.marks'].value,
      ...page['numbers.axis'].value,
    ]),
  }
})
const NONE: ReadonlySet<number> = new Set()
/** The largest number on the marks, as each ladder would write it. */
const samples = computed(() => {
  const largest = extent(page['numbers.marks'].value)[1]
  if (!largest) return new Map<string, string>()
  return new Map(
    ladders.value.map((ladder) => [
      ladder.id,
      labeller(
        resolve(
          {
            ...page['style.marks'].value,
            notation: 'scaled',
            rung: 'each',
            fraction: [0, 1],
            significant: null,
            cases: [],
            ladder: valueOf(ladder),
          },
          { ...regions.loaded, ...page.recorded.value },
        ),
      ).label(toExactText(largest)),
    ]),
  )
})
const findings = computed(
  () =>
    new Map(
      (study.document?.ladders ?? []).map((own) => [
        own.title,
        ladderFindings(own, regions.loaded, study.readers),
      ]),
    ),
)

const columns = useTemplateRef<{ add(): void }[]>('columns')
const box = useTemplateRef<HTMLElement>('box')
/** CSS pixels from one ladder to the next but one. */
const COLUMN = 448
const { x, arrivedState, measure } = useScroll(box, { behavior: 'smooth' })
const hasMore = computed(() => !arrivedState.right)
/** A ladder that comes or goes changes how far there is to scroll. */
watch(() => ladders.value.length, measure, { flush: 'post' })
onMounted(measure)
/** The units stand in the lower half at first, where most ladders are. */
const VIEW = 0.66
watch(
  [box, height],
  ([now]) => {
    if (now) now.scrollTop = yOf(0) - now.clientHeight * VIEW
  },
  { once: true, flush: 'post' },
)
</script>

<template>
  <div class="screen">
    <p class="intro">
      {{ words.intro }} <span class="swatch" /> {{ words.inUse }}
      <strong>{{ study.quantity?.title }}</strong> {{ words.copyHint }}
      <span v-if="isIncomplete" class="soft">{{ words.missingGlyphs }}</span>
      <QuietButton v-if="hasMore" class="aside" @click="x += COLUMN">
        {{ words.moreRight }}
      </QuietButton>
    </p>
    <div ref="box" class="box" role="region" :aria-label="words.title" tabindex="0">
      <div class="heads">
        <span class="corner" />
        <header
          v-for="(ladder, at) in ladders"
          :key="ladder.id"
          class="head"
          :class="{ here: used.id === ladder.id }"
        >
          <LadderHead
            :ladder="ladder"
            :sample="samples.get(ladder.id) ?? ''"
            :is-used="used.id === ladder.id"
            :findings="findings.get(ladder.title) ?? []"
            :check="titleTrouble(ladder)"
            :users="going?.title === ladder.title ? going.users : null"
            @rename="rename(ladder, $event)"
            @use="use(ladder)"
            @add="columns?.[at]?.add()"
            @copy="copy(ladder)"
            @remove="remove(ladder, $event)"
            @keep="going = null"
          />
        </header>
      </div>
      <div class="drawing" :style="{ height: `${height}px` }">
        <div class="scale">
          <span
            v-for="power in powers"
            :key="power"
            :style="{ top: `${yOf(power)}px` }"
            :class="{ ground: power === 0 }"
            >{{ power === 0 ? '1' : `10${superscript(power)}` }}</span
          >
        </div>
        <LadderColumn
          v-for="ladder in ladders"
          :key="ladder.id"
          ref="columns"
          :ladder="ladder"
          :top="reach.top"
          :height="height"
          :used="used.id === ladder.id ? used.powers : NONE"
          :fixed-on="(power) => (ladder.isOwn ? fixedOn(study.document!, ladder.title, power) : [])"
          @change="(what, next) => change(what, ladder.title, next)"
        />
        <span class="ground-line" :style="{ top: `${yOf(0)}px` }" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.screen {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: var(--gap-3);
  min-width: 0;
  min-height: 0;
  padding: var(--gap-4) var(--gap-5);
}

.intro {
  display: flow-root;
}

.aside {
  float: right;
}

.swatch {
  display: inline-block;
  width: 22px;
  height: 5px;
  margin-bottom: 3px;
  background: var(--jade);
}

.box {
  min-width: 0;
  min-height: 0;
  background: var(--sheet);
  box-shadow: var(--shadow);
  overflow: auto;
}

.heads,
.drawing {
  display: grid;
  grid-auto-columns: 200px;
  grid-auto-flow: column;
  grid-template-columns: 72px;
  gap: 0 var(--gap-5);
  width: max-content;
  padding-inline: var(--gap-4);
}

.heads {
  position: sticky;
  top: 0;
  z-index: 3;
  padding-block: var(--gap-3) var(--gap-2);
  background: var(--sheet);
  border-bottom: 1px solid var(--ink-soft);
}

.head {
  min-width: 0;
}

.here :deep(h2) {
  color: var(--jade);
}

.drawing {
  position: relative;
}

.scale {
  position: sticky;
  left: 0;
  z-index: 1;
}

.scale span {
  position: absolute;
  right: 0;
  left: calc(-1 * var(--gap-4));
  padding-right: var(--gap-3);
  background: var(--sheet);
  color: var(--ink-faint);
  font-size: var(--text-small);
  text-align: right;
  transform: translateY(-50%);
}

.scale .ground {
  color: var(--ink);
  font-weight: 600;
}

.ground-line {
  position: absolute;
  right: 0;
  left: 72px;
  height: 1px;
  background: var(--ink-soft);
  opacity: 0.5;
  pointer-events: none;
}
</style>
