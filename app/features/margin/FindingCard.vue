<script setup lang="ts">
import { beads } from '~/composables/beads'
import { withAlso } from '~~/core/checks/causes'
import { fixKey } from '~~/core/checks/fixes'
import {
  type Card,
  checkTitles,
  findingsOf,
  type Offer,
  offersOf,
  type PlacedFinding,
  sameElsewhere,
  surfacesOf,
} from './cards'
import type { Surface } from '~~/core/surfaces'
import { vFocus } from '~/controls/vFocus'
import { levelWords } from '~/stores/levelWords'
import { words as catalogue } from '~~/words'

const words = catalogue.margin.findingCard

const props = defineProps<{ card: Card }>()
const emit = defineEmits<{
  fix: [offer: Offer, card: Card]
  leave: [findings: readonly PlacedFinding[], reason: string]
  show: [quantity: string]
}>()

const severities = { error: words.error, warning: words.warning, note: words.note } as const
const checks = computed(() =>
  findingsOf(props.card)
    .flatMap(withAlso)
    .map(({ check }) => check)
    .join(' '),
)
const surfaces = computed(() => surfacesOf(props.card))
const places = computed(() =>
  props.card.main.other
    ? words.onAxis({ title: props.card.main.other.title })
    : onWhich(surfaces.value),
)
/** What its fix mends too, and what has the same cause. */
const also = computed(() => [props.card.main, ...props.card.also].flatMap(withAlso).slice(1))
const alsoTitles = computed(() =>
  also.value.map(({ check }) => checkTitles[check]?.toLowerCase()).join(', '),
)
const offers = computed(() => offersOf(props.card))
const same = computed(() => sameElsewhere(props.card))
const onWhich = (surfaces: readonly Surface[]) =>
  surfaces.map((surface) => levelWords[surface]).join(', ')
/** A fix that leaves some of the card's places as they are says which it mends. */
const titleOf = ({ fix, surfaces }: Offer) =>
  surfaces.length > same.value.length
    ? fix.title
    : words.fixOn({
        title: fix.title,
        surfaces: surfaces.map((surface) => catalogue.surfaces.names[surface]),
      })
/** What it says on other surfaces, where the labels are others. */
const otherWords = computed(() =>
  same.value.filter(({ message }) => message !== props.card.main.message),
)
/** The reason being written, or null where nobody leaves anything. */
const reason = ref<string | null>(null)

function leave() {
  const why = reason.value?.trim()
  if (why) emit('leave', findingsOf(props.card), why)
}
</script>

<template>
  <article
    class="finding"
    :class="card.main.severity"
    :data-check="card.main.check"
    :data-checks="checks"
    :data-on="surfaces.join(' ')"
  >
    <header>
      <h2>
        <span
          class="bead"
          :class="beads[card.main.severity]"
          :title="severities[card.main.severity]"
        />
        {{ checkTitles[card.main.check] }}
      </h2>
      <QuietButton v-if="!card.main.other" v-show="reason === null" @click="reason = ''">
        {{ words.dismiss }}
      </QuietButton>
    </header>
    <p class="place">{{ places }}</p>
    <p>{{ card.main.message }}</p>
    <form v-if="reason !== null" class="fixes" @submit.prevent="leave" @keydown.esc="reason = null">
      <InputText
        v-model="reason"
        v-focus
        size="small"
        fluid
        maxlength="300"
        :placeholder="words.reason"
        :aria-label="words.reason"
      />
      <Button
        size="small"
        :label="words.dismissWithReason"
        type="submit"
        :disabled="!reason.trim()"
      />
      <Button size="small" :label="words.cancel" variant="text" @click="reason = null" />
    </form>
    <div v-else-if="card.main.other" class="fixes">
      <Button
        size="small"
        :label="words.showQuantity({ title: card.main.other.title })"
        variant="outlined"
        @click="emit('show', card.main.other.id)"
      />
    </div>
    <div v-else-if="offers.length > 0" class="fixes">
      <Button
        v-for="offer in offers"
        :key="fixKey(offer.fix)"
        data-fix
        size="small"
        :label="titleOf(offer)"
        variant="outlined"
        @click="emit('fix', offer, card)"
      />
    </div>
    <details v-if="otherWords.length > 0" class="also">
      <summary>
        {{ words.elsewhere({ surfaces: onWhich(otherWords.map(({ surface }) => surface)) }) }}
      </summary>
      <p v-for="one in otherWords" :key="one.surface" :data-elsewhere="one.surface">
        <b>{{ levelWords[one.surface] }}</b> {{ one.message }}
      </p>
    </details>
    <details v-if="also.length > 0" class="also">
      <summary>{{ words.alsoFixes({ count: also.length, titles: alsoTitles }) }}</summary>
      <p v-for="one in also" :key="one.check" :data-check="one.check">
        <b>{{ checkTitles[one.check] }}.</b> {{ one.message }}
      </p>
    </details>
  </article>
</template>

<style scoped>
.finding {
  display: grid;
  gap: var(--gap-1);
  padding-right: var(--gap-3);
  border-right: 2px solid var(--rosewood);
}

.finding.warning {
  border-right-color: var(--amber);
}

.finding.note {
  border-right-color: var(--rule);
}

header {
  display: flex;
  gap: var(--gap-2);
  align-items: baseline;
}

h2 {
  flex: 1;
  font-weight: 600;
}

p {
  overflow-wrap: anywhere;
}

h2 .bead {
  margin-right: var(--gap-1);
}

header .quiet {
  white-space: nowrap;
}

.place {
  color: var(--ink-soft);
  font-size: var(--text-small);
  font-weight: 400;
}

.also {
  min-width: 0;
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.also summary {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}

.also p {
  padding-top: var(--gap-1);
}

.fixes {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
  align-items: center;
  padding: var(--gap-1) 0;
}
</style>
