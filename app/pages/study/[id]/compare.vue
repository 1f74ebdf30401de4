<script setup lang="ts">
import type { Style } from '~~/core/style/fields'
import type { ComparedOn } from '~~/shared/study/comparison'
import { LABEL_SIZE, useCompare } from '~/features/compare/useCompare'
import type { Page } from '~/features/page/usePage'
import { rehearse, useDataOrders, useSweep } from '~/features/sweep/useSweep'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.comparePage

const study = useStudy()
const { page } = defineProps<{ page: Page }>()
const comparing = useCompare(page)
const { comparison, columns, set } = comparing
const swept = useSweep(page, comparing.ways)
const orders = useDataOrders(page)
onMounted(() => rehearse(swept.value, orders.value.from))
const hand = ref(0)
const inHand = computed(() => Math.min(hand.value, columns.value.length - 1))

const sources: { id: ComparedOn; title: string }[] = [
  { id: 'marks', title: words.onMarks },
  { id: 'axis', title: words.onAxis },
  { id: 'table', title: words.inTable },
  { id: 'probes', title: words.edgeValues },
  { id: 'drawn', title: words.random },
  { id: 'typed', title: words.typed },
]
const span = computed(() => comparison.value.span ?? [0, 9])
const toPower = (text: string) =>
  /^-?\d{1,3}$/.test(text) && Math.abs(Number(text)) <= 300 ? '' : words.powerError
const USUAL_SPAN = [0, 9] as const
function setEnd(end: 0 | 1, text: string | undefined) {
  const next: [number, number] = [span.value[0]!, span.value[1]!]
  next[end] = text ? Number(text) : USUAL_SPAN[end]
  set(
    words.setRange({ from: next[0], to: next[1] }),
    { span: next[0] <= next[1] ? next : [next[1], next[0]] },
    true,
  )
}
const list = useTemplateRef<{ toggle(event: Event): void; hide(): void }>('list')
function addSuggested(style: Style) {
  void comparing.addSuggested(style)
  list.value?.hide()
}
const print = () => window.print()
const again = () => set(words.redrawn, { seed: (comparison.value.seed ?? 1) + 1 })
</script>

<template>
  <div class="screen column">
    <template v-if="page.drawing.value">
      <p class="on">
        {{ words.title({ count: columns.length }) }} <strong>{{ study.quantity?.title }}</strong>{{
          words.on
        }}
        <PhraseSelect
          :value="comparison.on"
          :options="sources"
          :label="words.basis"
          @change="set(words.setBasis, { on: $event })"
        />
        <template v-if="comparison.on === 'drawn'">
          {{ ' ' }}{{ words.from }}
          <TypedField
            :value="String(span[0])"
            placeholder="0"
            :label="words.leastPower"
            :check="toPower"
            @change="setEnd(0, $event)"
          />
          {{ words.to }}
          <TypedField
            :value="String(span[1])"
            placeholder="9"
            :label="words.largestPower"
            :check="toPower"
            @change="setEnd(1, $event)"
          />{{ ' ' }} <QuietButton @click="again">{{ words.redraw }}</QuietButton></template
        >
      </p>
      <Textarea
        v-if="comparison.on === 'typed'"
        :model-value="comparison.typed ?? ''"
        rows="2"
        spellcheck="false"
        :placeholder="words.typedExample"
        :aria-label="words.typedLabel"
        class="typed"
        @update:model-value="set(words.setTyped, { typed: $event ?? '' }, true)"
      />
      <ul v-if="comparing.troubles.value.length > 0" class="troubles" role="alert">
        <li v-for="(trouble, at) in comparing.troubles.value" :key="at">{{ trouble }}</li>
      </ul>
      <p class="acts">
        <QuietButton
          aria-haspopup="dialog"
          :disabled="comparing.isFull.value"
          :title="comparing.isFull.value ? words.full : undefined"
          @click="list?.toggle($event)"
        >
          {{ words.addSuggested }}
        </QuietButton>
        <QuietButton @click="print">{{ words.print }}</QuietButton>
      </p>
      <Popover ref="list" :aria-label="words.suggestions"
        ><SuggestList
          :subject="comparing.toSuggest"
          :standing="comparing.standing"
          :where="words.samples"
          @take="addSuggested"
      /></Popover>
      <CompareTable
        :comparing="comparing"
        :hand="inHand"
        :style="{ fontSize: `${LABEL_SIZE}px` }"
        @take="hand = $event"
      />
    </template>
    <NoNumbers v-else :page="page" />
  </div>
  <CompareDock v-if="page.drawing.value" :comparing="comparing" :hand="inHand" />
</template>

<style scoped>
.screen {
  align-items: flex-start;
}

.screen > * {
  max-width: 100%;
}

@media print {
  .acts {
    display: none;
  }
}

.acts {
  display: flex;
  gap: var(--gap-4);
}

.troubles {
  margin: 0;
  padding: 0;
  list-style: none;
  color: var(--rosewood);
  font-size: var(--text-small);
}

.typed {
  width: 100%;
}
</style>
