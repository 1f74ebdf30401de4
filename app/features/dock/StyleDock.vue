<script setup lang="ts">
import { type Surface, surfaces } from '~~/core/surfaces'
import { useEventListener } from '@vueuse/core'
import { doublesOf } from '~~/core/checks/proof'
import { extremesOf } from '~~/core/data/extremes'
import { resolve } from '~~/core/label/resolve'
import type { FieldName, Style } from '~~/core/style/fields'
import { unitByRow } from '~~/shared/page/commonUnit'
import { hasOwnStyle, isPart, type Level } from '~~/shared/quantities'
import type { Page } from '~/features/page/usePage'
import { type Choice, type Desk, sentenceOf } from './choices'
import { errorColumns } from './errorColumns'
import { useBesideExtremes } from './useBesideExtremes'
import { samplesOf, useChoices } from './useChoices'
import { numberStep } from '~~/shared/page/axis'
import { levelNames, levelWords, originOn } from '~/stores/levelWords'
import { partContext } from '~~/shared/page/marks'
import { present } from '~~/shared/page/packing'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { useStylebook } from '~/stores/stylebook'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.styleDock

const props = defineProps<{ page: Page }>()
const study = useStudy()
const levels = useLevels()

/** Surfaces that show what is said of all, the first that follows it. */
const SHOWN_FOR_ALL = ['marks', 'table', 'tooltip', 'axis'] as const
const forAll = computed<Surface>(() => {
  const { document, quantity } = study
  const follows = (one: Surface) => document && quantity && !hasOwnStyle(document, quantity, one)
  return SHOWN_FOR_ALL.find(follows) ?? 'marks'
})
/** The surface whose numbers stand on the rail: the one in hand, or one that follows all. */
function surfaceOf(level: Level): Surface {
  if (isPart(level)) return 'marks'
  return level === 'quantity' || level === 'house' ? forAll.value : level
}
const surface = computed(() => surfaceOf(levels.level))
/** What the rail's numbers are of: a surface, or a part of its marks. */
const written = computed(() => (isPart(levels.level) ? levels.level : surface.value))
const context = computed(() => props.page[`context.${surface.value}`].value)
const style = computed(() => levels.style)
const values = computed(() => props.page.numbersOf(written.value))
/** A part of a mark has a Plan of its own. */
const plan = computed(() =>
  isPart(levels.level)
    ? resolve(style.value, partContext(levels.level, context.value, values.value))
    : props.page[`written.${surface.value}`].value.plan,
)
/** Columns longer than this find their closest pair by doubles. */
const LONG = 5000
const extremes = computed(() =>
  extremesOf(
    values.value,
    values.value.length > LONG
      ? (doublesOf(present(props.page.rows.value!.cells)) ?? undefined)
      : undefined,
  ),
)
const hasTicks = computed(() => surfaces[surface.value].hasTicks)
/** The step belongs to the axis, and to what all surfaces share. */
const step = computed(() =>
  hasTicks.value || levels.level === 'quantity' || levels.level === 'house'
    ? numberStep(props.page.drawing.value!.ticks, study.quantity?.ticks ?? {})
    : null,
)

const onRail = {
  extremes: () => extremes.value,
  plan: () => plan.value,
  beside: useBesideExtremes(props.page, { surface, step }),
  written: () => style.value,
}

const samples = computed(() => samplesOf(extremes.value))
/**
 * Labels follow the hand; the sentence is said anew when it rests, since a change of it sets all
 * its lines again.
 */
const REST = 60
function sentence() {
  const phrases = sentenceOf(style.value, levels.inherited)
  return {
    phrases,
    origins: new Map(
      phrases.map(({ field }) => [field, originOn(levels.level, levels.originOfField(field))]),
    ),
  }
}
const told = debouncedComputed(sentence, REST)
const origin = (field: FieldName) => told.value.origins.get(field) ?? 'builtIn'
const codes = useUnitColumns()
const more = computed(() => ({
  ladder: study.document?.ladders ?? [],
  uncertainty: errorColumns(study.dataset?.columns ?? [], study.quantity?.column ?? ''),
  unit: codes.found.value.map(unitByRow),
}))
const { desk, choices, typed, prepare } = useChoices(() => ({
  style: style.value,
  samples: samples.value,
  context: context.value,
  more: more.value,
}))
const deskNow = () => desk.value
/** Another level's style, with the numbers that stand there. */
const deskAt = (level: Level): Desk => ({
  ...desk.value,
  style: levels.styleAt(level),
  context: props.page[`context.${surfaceOf(level)}`].value,
})
/** The view of levels that is open over the desk. */
const opened = ref<'who' | 'stylebook' | 'rules' | 'together' | null>(null)
const isOpen = (view: NonNullable<typeof opened.value>) =>
  computed({
    get: () => opened.value === view,
    set: (isShown) => (opened.value = isShown ? view : null),
  })
const [isAsked, hasStylebook] = [isOpen('who'), isOpen('stylebook')]
const [hasRules, hasTogether] = [isOpen('rules'), isOpen('together')]
const stylebook = useStylebook()
onMounted(stylebook.load)
/** A team's file may have changed while another window had the hand. */
useEventListener(window, 'focus', stylebook.load)
function open(field: FieldName) {
  if (field === 'unit') void codes.look()
  prepare(field)
}
const choose = (name: string, choice: Choice) =>
  levels.setStyle(`${study.quantity?.title}: ${name}, ${choice.title}`, choice.patch)
const change = (what: string, patch: Style) =>
  levels.setStyle(`${study.quantity?.title}: ${what}`, patch, { moves: true })
const setStep = (text: string | undefined) =>
  study.setTicks(
    text ? words.stepBy({ step: text }) : words.roundStep,
    { ...study.quantity?.ticks, step: text },
    { moves: true },
  )
const wider = structuralComputed(() =>
  levels.wider.map((level) => ({ level, name: levelNames[level] })),
)
const give = (field: FieldName, to: Level) => levels.give([field], to)
</script>

<template>
  <section class="dock" :aria-label="words.style">
    <StyleSentence
      :subject="study.quantity?.title ?? ''"
      :phrases="told.phrases"
      :choices="choices"
      :typed="typed"
      :origin="origin"
      :wider="wider"
      @choose="choose"
      @open="open"
      @take-back="levels.takeBack([$event])"
      @give="give"
    >
      <template #level><LevelChoice :shown="page.shown.value" @who="isAsked = true" /></template>
      <template v-if="hasTicks || levels.level === 'quantity'">
        <span class="lead">{{ words.tickEvery }}</span>
        <StepInput
          :step="study.quantity?.ticks.step"
          :found="page.drawing.value?.ticks.step ?? ''"
          :is-fraction="study.quantity?.ticks.multipleOf !== undefined"
          :unit="page.wishes.value.shown"
          @change="setStep"
        />
      </template>
    </StyleSentence>
    <p v-if="study.refused || page.drawing.value?.trouble" class="trouble" role="alert">
      {{ study.refused || page.drawing.value?.trouble }}
    </p>
    <div class="work">
      <RailBox v-bind="onRail" @change="change">
        <p class="soft">{{ words.noNumber({ where: levelWords[written] }) }}</p>
      </RailBox>
      <aside v-if="!isPart(levels.level)" class="beside still" :aria-label="words.withStyle">
        <MagnitudeLine
          :ways="[{ title: '', plan }]"
          :begin="extremes?.largest ?? null"
          :cases="style.cases"
          @cases="change(words.moveEdge, { cases: $event })"
        />
        <CasesLine :desk="deskNow" />
        <DockActions
          :page="page"
          :surface="surface"
          @who="opened = 'who'"
          @stylebook="opened = 'stylebook'"
          @rules="opened = 'rules'"
          @together="opened = 'together'"
        />
      </aside>
    </div>
    <WhoSets v-if="isAsked" v-model:visible="isAsked" :shown="page.shown.value" :desk-at="deskAt" />
    <StylebookDialog v-if="hasStylebook" v-model:visible="hasStylebook" :desk="deskNow" />
    <RulesDialog v-if="hasRules" v-model:visible="hasRules" />
    <TogetherDialog v-if="hasTogether" v-model:visible="hasTogether" />
  </section>
</template>

<style scoped>
.lead {
  white-space: pre-wrap;
}

.trouble {
  color: var(--rosewood);
}

.work {
  display: grid;
  grid-template-columns: minmax(0, 1fr) clamp(190px, 21vw, 320px);
  gap: var(--gap-5);
}

.beside {
  display: grid;
  gap: var(--gap-2);
  align-content: start;

  /* As high as the rail, however much stands in it. */
  height: 0;
  min-height: 100%;
  overflow: auto;
}
</style>
