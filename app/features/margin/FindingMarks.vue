<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import type { Left } from '~~/shared/study/quantity'
import type { Checks } from './useFindings'
import { type Card, checkTitles, type Offer, type PlacedFinding } from './cards'
import { words as catalogue } from '~~/words'

const words = catalogue.margin.findingMarks

const props = defineProps<{
  cards: readonly Card[]
  left: readonly Left[]
  checks: Checks
  trouble: string
}>()
const emit = defineEmits<{
  fix: [offer: Offer, card: Card]
  leave: [findings: readonly PlacedFinding[], reason: string]
  takeBack: [left: Left[]]
  show: [quantity: string]
}>()

/** A run that takes longer than this says how far it is, and can be stopped. */
const LONG = 800
const isChecking = computed(() => props.checks.checking.value)
const isLong = refDebounced(isChecking, LONG)
const isSlow = computed(() => isChecking.value && isLong.value)

/** How many cards of each severity there are. */
const tally = computed(() =>
  (
    [
      ['error', words.errors],
      ['warning', words.warnings],
      ['note', words.notes],
    ] as const
  ).flatMap(([severity, counted]) => {
    const count = props.cards.filter(({ main }) => main.severity === severity).length
    return count > 0 ? [counted({ count })] : []
  }),
)
/** What was left for one reason, with the surfaces that it was left on. */
const leftTogether = computed(() => {
  const groups = new Map<string, Left[]>()
  for (const one of props.left) {
    groups.set(one.reason, [...(groups.get(one.reason) ?? []), one])
  }
  return [...groups].map(([reason, group]) => ({
    reason,
    group,
    surfaces: [...new Set(group.map(({ surface }) => catalogue.surfaces.names[surface]))].join(
      ', ',
    ),
    checks: [...new Set(group.map(({ check }) => checkTitles[check] ?? check))],
  }))
})
</script>

<template>
  <aside class="margin still" :aria-label="words.title" aria-live="polite">
    <header class="head">
      <ReadersChoice />
      <p v-if="cards.length > 0" class="counts">{{ tally.join(', ') }}</p>
    </header>
    <p v-if="trouble" role="alert">{{ words.checkFailed({ trouble }) }}</p>
    <p v-else-if="checks.isStopped.value" class="clean">
      {{ words.stopped }}
      <QuietButton @click="checks.again()">{{ words.checkAgain }}</QuietButton>
    </p>
    <p v-else-if="isSlow" class="clean">
      <span class="bead busy" /> {{ words.readingLabels }}
      <progress :value="checks.progress.value" :aria-label="words.progress" />{{ ' ' }}
      <QuietButton @click="checks.stop()">{{ words.stop }}</QuietButton>
    </p>
    <p v-else-if="cards.length === 0 && isChecking" class="clean">
      <span class="bead busy" /> {{ words.readingAllLabels }}
    </p>
    <p v-else-if="cards.length === 0" class="clean">
      <span class="bead good" />
      {{ left.length === 0 ? words.nothingFound : words.onlyDismissed }}
    </p>
    <FindingCard
      v-for="(card, at) in cards"
      :key="`${card.main.check} ${card.main.surface} ${card.main.other?.id ?? ''}`"
      :card="card"
      :data-finding="at"
      @fix="(offer, one) => emit('fix', offer, one)"
      @leave="(findings, reason) => emit('leave', findings, reason)"
      @show="emit('show', $event)"
    />
    <section v-if="left.length > 0" class="left" :aria-label="words.dismissed">
      <p
        v-for="{ reason, group, surfaces, checks: names } in leftTogether"
        :key="reason"
        :title="names.join(', ')"
      >
        <b>{{ surfaces }}</b>{{ words.dismissedCount({ count: names.length, reason }) }}
        <QuietButton @click="emit('takeBack', group)">{{ words.restore }}</QuietButton>
      </p>
    </section>
  </aside>
</template>

<style scoped>
.margin {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: var(--gap-3);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  align-items: center;
  justify-content: space-between;
}

progress {
  flex: 1;
  min-width: 0;
  height: 8px;
  accent-color: var(--jade);
}

.clean {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  color: var(--ink-soft);
}

.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-3);
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.left {
  display: grid;
  gap: var(--gap-1);
  padding-top: var(--gap-2);
  border-top: 1px solid var(--rule);
  color: var(--ink-soft);
  font-size: var(--text-small);
}
</style>
