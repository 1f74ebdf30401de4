<script setup lang="ts">
import { useScroll } from '@vueuse/core'
import { notationOf } from '~~/core/notations'
import { toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { superscript } from '~~/core/decimal/superscript'
import { regionOf } from '~~/core/label/region'
import { recordedIn } from '~~/core/label/context'
import { resolve } from '~~/core/label/resolve'
import type { LadderName } from '~~/core/ladders/find'
import { rungsNamed } from '~~/core/locale/compact'
import {
  copyOf,
  type DrawnLadder,
  fixedOn,
  freeTitle,
  ladderChanges,
  laddersOf,
  type StudyLadder,
  usersOf,
} from '~~/shared/ladders'
import type { FullStyle, Style } from '~~/core/style/fields'
import { extent } from '~~/core/data/extent'
import type { Page } from '~/features/page/usePage'
import { ladderFindings, powersUsed, reachOf, STEP } from '~/features/ladders/ladderScale'
import { useLevels } from '~/stores/levels'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { laddersPage as words } from '~/features/ladders/words'

const study = useStudy()
const levels = useLevels()
const regions = useLocaleTables()
const { page } = defineProps<{ page: Page }>()

const regional = computed(() =>
  rungsNamed(regionOf(page['style.marks'].value.locale, regions.loaded).system.compact),
)
const ladders = computed(() => (study.document ? laddersOf(study.document, regional.value) : []))
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
const valueOf = (ladder: DrawnLadder): Style['ladder'] =>
  ladder.isOwn
    ? study.document!.ladders!.find(({ title }) => title === ladder.title)!
    : (ladder.id as LadderName)
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
          { ...regions.loaded, ...recordedIn(study.quantity) },
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

const edit = (what: string, next: NonNullable<typeof study.document>, moves = false) =>
  study.change(what, next, moves)
const change = (what: string, title: string, next: StudyLadder) =>
  edit(what, ladderChanges.replace(study.document!, title, next), true)
function copy(ladder: DrawnLadder) {
  const title = freeTitle(study.document!, words.my(ladder.isOwn ? ladder.title : ladder.id))
  edit(words.copyLadder(ladder.title), ladderChanges.add(study.document!, copyOf(ladder, title)))
}
function rename(ladder: DrawnLadder, text: string | undefined) {
  if (text && text !== ladder.title)
    change(words.callLadder(text), ladder.title, {
      ...(valueOf(ladder) as StudyLadder),
      title: text,
    })
}
const titleTrouble = (ladder: DrawnLadder) => (text: string) => {
  const isTaken = study.document?.ladders?.some(({ title }) => title === text)
  if (text !== ladder.title && isTaken) return words.anotherLadderHasName
  return text.length > 80 ? words.upToCharacters : ''
}
/** A ladder in use goes only when that is said. */
const going = ref<{ title: string; users: string[] } | null>(null)
function remove(ladder: DrawnLadder, isSure = false) {
  const users = usersOf(study.document!, ladder.title)
  if (users.length > 0 && !isSure) return (going.value = { title: ladder.title, users })
  going.value = null
  edit(words.takeLadderAway(ladder.title), ladderChanges.remove(study.document!, ladder.title))
}
const use = (ladder: DrawnLadder) =>
  levels.setStyle(
    words.climb(study.quantity?.title ?? '', ladder.title),
    { notation: 'scaled', rung: 'each', ladder: valueOf(ladder) },
    { at: ['quantity'] },
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
      {{ words.namesPowersDrawnTo }} <span class="swatch" /> {{ words.rungs }}
      <strong>{{ study.quantity?.title }}</strong> {{ words.standsOnNowCopy }}
      <QuietButton v-if="hasMore" class="aside" @click="x += COLUMN">
        {{ words.moreRight }}
      </QuietButton>
    </p>
    <div ref="box" class="box" role="region" :aria-label="words.ladders" tabindex="0">
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
