<script setup lang="ts">
import { surfaces } from '~~/core/surfaces'
import type { Style } from '~~/core/style/fields'
import { isClockUnit } from '~~/core/notations/clock'
import { COUNTED, type Counted } from '~~/core/ticks/counted'
import { POWERS_OF_E } from '~~/core/ticks/place'
import { reachOf, type Span } from '~~/core/ticks/linear'
import type { TickWishes } from '~~/shared/study/chart'
import { type Candidate, useCandidates } from '~/features/ticks/useCandidates'
import { useFixes } from '~/features/margin/useFixes'
import type { Page } from '~/features/page/usePage'
import { cardsOf } from '~/features/margin/cards'
import { countedIn } from '~~/shared/page/counted'
import { countedTitles, POWERS } from '~/features/ticks/ruler'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.ticks.ticksPage

const study = useStudy()
const { page } = defineProps<{ page: Page }>()
const { fix } = useFixes()

/** As long as there is room beside the table. */
const [USUAL_WIDTH, SHARE, ENDS] = [560, 0.53, 112]
const USUAL_SIZE = 12
const fitting = Math.min(USUAL_WIDTH, Math.round(window.innerWidth * SHARE) - ENDS)
const HEAD = 44
const drawing = computed(() => page.drawing.value)
const wishes = computed<TickWishes>(() => study.quantity?.ticks ?? {})
const reach = computed<Span | null>(
  () => drawing.value && reachOf(drawing.value.wanted, drawing.value.ticks.values),
)
const cards = computed(() =>
  cardsOf(page.findings.value.filter(({ surface }) => surfaces[surface].hasTicks)),
)
const left = computed(() => study.left.filter(({ surface }) => surfaces[surface].hasTicks))
const room = computed(() => ({
  width: wishes.value.length ?? fitting,
  fontSize: wishes.value.fontSize ?? USUAL_SIZE,
}))
const candidates = useCandidates(page, room)

const set = (what: string, next: TickWishes) => study.setTicks(what, next, { moves: true })
const setWidth = (width: number) =>
  set(words.setLength({ width }), { ...wishes.value, length: width })
const setFontSize = (size: number) =>
  set(words.setFontSize({ size }), { ...wishes.value, fontSize: size })
const setStep = (step: string) =>
  set(words.stepBy({ step }), { ...wishes.value, step, count: undefined })
const setCount = (count: number) =>
  set(words.aboutTicks({ count }), { ...wishes.value, step: undefined, count })
const setDomain = (domain: [string, string]) =>
  set(words.ticksFromTo({ from: domain[0], to: domain[1] }), { ...wishes.value, domain })
const IN_POWERS: Style = {
  notation: 'scientific',
  exponent: 'each',
  exponentForm: 'power',
  fraction: [0, 2],
}
/** What labels go with what is counted. */
function styleFor(
  what: string | undefined,
  { powers, own }: { powers: { base: TickWishes['base'] } | undefined; own: Counted | undefined },
): Style {
  if (powers) return powers.base === 'e' ? POWERS_OF_E : IN_POWERS
  if (isClockUnit(own)) return { notation: 'clock', clock: { of: own } }
  return what && !own ? { notation: 'multiple', multipleOf: what } : { notation: 'plain' }
}
/** Numbers, parts of a constant and powers have ticks of their own, and labels to go with them. */
function countIn(what: string | undefined) {
  const powers = what === undefined ? undefined : POWERS[what]
  const own = COUNTED.find((one) => one === what)
  const next: TickWishes = {
    ...wishes.value,
    step: undefined,
    multipleOf: powers || own ? undefined : (what as TickWishes['multipleOf']),
    counted: own,
    kind: powers?.kind,
    base: powers?.base,
  }
  const title = powers?.title ?? (own && countedTitles[own]) ?? what ?? words.numbers
  study.setTicks(words.countAxisIn({ unit: title }), next, {
    style: styleFor(what, { powers, own }),
  })
}
const take = ({ wishes: next, style, step }: Candidate) =>
  study.setTicks(words.useStep({ step }), next, { style })
function setText(at: number, text: string) {
  const labels = Array.from({ length: drawing.value?.ticks.values.length ?? 0 }, (_, place) =>
    place === at ? text : (wishes.value.labels?.[place] ?? ''),
  )
  study.setTicks(
    text ? words.labelTick({ text }) : words.clearLabel,
    { ...wishes.value, labels: labels.some((one) => one !== '') ? labels : undefined },
    { moves: true },
  )
}
/** Labels by hand for the ticks from one on; those beyond the last tick are kept, and told. */
function setTexts(from: number, texts: string[]) {
  const own = wishes.value.labels ?? []
  const count = Math.max(drawing.value?.ticks.values.length ?? 0, own.length, from + texts.length)
  const isList = from === 0
  const labels = Array.from(
    { length: isList ? texts.length : count },
    (_, place) => texts[place - from] ?? (isList ? '' : (own[place] ?? '')),
  )
  study.setTicks(words.labelTicks({ count: texts.length }), { ...wishes.value, labels })
}
const clearTexts = () => study.setTicks(words.clearLabels, { ...wishes.value, labels: undefined })
</script>

<template>
  <div class="screen">
    <template v-if="drawing && reach">
      <header>
        <TickSentence
          :title="study.quantity!.title"
          :wishes="wishes"
          :drawing="drawing"
          :shown="page.wishes.value.shown"
          :width="room.width"
          :font-size="room.fontSize"
          :counts="study.quantity ? countedIn(study.quantity) : undefined"
          @change="set"
          @counted="countIn"
          @width="setWidth"
          @font-size="setFontSize"
        />
        <p v-if="drawing.trouble" class="trouble" role="alert">{{ drawing.trouble }}</p>
      </header>
      <section class="rulers" :aria-label="words.ruler">
        <TickRuler
          :reach="reach"
          :kind="drawing.ticks.kind"
          :values="drawing.ticks.values"
          :labels="page.tickLabels.value"
          :width="room.width"
          :font-size="room.fontSize"
          :flagged="page.flagged.value.axis"
          :head="HEAD"
          :title="words.preview"
        >
          <template #default="{ x, pad }">
            <RulerHandles
              :is-powers="drawing.ticks.kind !== 'linear'"
              :reach="reach"
              :domain="drawing.wanted"
              :values="drawing.ticks.values"
              :step="drawing.ticks.step"
              :count="wishes.step === undefined ? wishes.count : undefined"
              :multiple-of="wishes.multipleOf"
              :unit="page.wishes.value.shown"
              :width="room.width"
              :x="x"
              :pad="pad"
              :head="HEAD"
              @domain="setDomain"
              @step="setStep"
              @count="setCount"
              @width="setWidth"
            />
          </template>
        </TickRuler>
        <h2>{{ words.candidates }}</h2>
        <CandidateList
          :candidates="candidates"
          :kind="drawing.ticks.kind"
          :domain="drawing.wanted"
          :width="room.width"
          @take="take"
        />
      </section>
      <section class="beside" :aria-label="words.table">
        <TickTable
          :values="drawing.ticks.values"
          :styled="page.styledTicks.value"
          :labels="page.tickLabels.value"
          :texts="wishes.labels ?? []"
          :plan="page['written.axis'].value.plan"
          :flagged="page.flagged.value.axis"
          @text="setText"
          @list="setTexts"
          @clear="clearTexts"
        />
        <FindingMarks
          :cards="cards"
          :left="left"
          :checks="page.checks"
          :trouble="page.checkTrouble.value"
          @fix="fix"
          @leave="study.leave"
          @take-back="study.takeBack"
        />
      </section>
    </template>
    <NoNumbers v-else :page="page" />
  </div>
</template>

<style scoped>
.screen {
  display: grid;
  grid-template: auto minmax(0, 1fr) / minmax(0, 58fr) minmax(400px, 42fr);
  gap: var(--gap-4) var(--gap-5);
  min-height: 0;
  padding: var(--gap-4) var(--gap-5);
}

header {
  grid-column: 1 / -1;
}

.rulers,
.beside {
  min-width: 0;
  min-height: 0;
  overflow: auto;
}

.rulers {
  padding: var(--gap-3) 0 var(--gap-4);
  background: var(--sheet);
  box-shadow: var(--shadow);
}

.beside {
  display: grid;
  gap: var(--gap-4);
  align-content: start;
}

h2 {
  margin: var(--gap-4) 56px var(--gap-3);
  color: var(--ink-soft);
}

.trouble {
  color: var(--rosewood);
}
</style>
