<script setup lang="ts">
import type { Style } from '~~/core/style/fields'
import type { ComparedOn } from '~~/shared/study/comparison'
import { LABEL_SIZE, useCompare } from '~/features/compare/useCompare'
import type { Page } from '~/features/page/usePage'
import { rehearse, useSweep } from '~/features/sweep/useSweep'
import { useStudy } from '~/stores/study'

const study = useStudy()
const { page } = defineProps<{ page: Page }>()
const comparing = useCompare(page)
const { comparison, columns, set } = comparing
const swept = useSweep(page, comparing.ways)
onMounted(() => rehearse(swept.value))
const hand = ref(0)
const inHand = computed(() => Math.min(hand.value, columns.value.length - 1))

const sources: { id: ComparedOn; title: string }[] = [
  { id: 'marks', title: 'the numbers on the marks' },
  { id: 'axis', title: 'the ticks of the axis' },
  { id: 'table', title: 'the first rows of the table' },
  { id: 'probes', title: 'numbers chosen for their trouble' },
  { id: 'drawn', title: 'numbers drawn by chance' },
  { id: 'typed', title: 'numbers that you type' },
]
const span = computed(() => comparison.value.span ?? [0, 9])
const toPower = (text: string) =>
  /^-?\d{1,3}$/.test(text) && Math.abs(Number(text)) <= 300
    ? ''
    : 'A power of ten from -300 to 300.'
const USUAL_SPAN = [0, 9] as const
function setEnd(end: 0 | 1, text: string | undefined) {
  const next: [number, number] = [span.value[0]!, span.value[1]!]
  next[end] = text ? Number(text) : USUAL_SPAN[end]
  set(
    `Compare on numbers from 10^${next[0]} to 10^${next[1]}`,
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
const again = () => set('Draw other numbers', { seed: (comparison.value.seed ?? 1) + 1 })
</script>

<template>
  <div class="screen column">
    <template v-if="page.drawing.value">
      <p class="on">
        {{ columns.length }} ways to write <strong>{{ study.quantity?.title }}</strong>, on
        <PhraseSelect
          :value="comparison.on"
          :options="sources"
          label="Compared on"
          @change="set('Compare on other numbers', { on: $event })"
        />
        <template v-if="comparison.on === 'drawn'">
          from 10 to the
          <TypedField
            :value="String(span[0])"
            placeholder="0"
            label="Least power of ten"
            :check="toPower"
            @change="setEnd(0, $event)"
          />
          to 10 to the
          <TypedField
            :value="String(span[1])"
            placeholder="9"
            label="Largest power of ten"
            :check="toPower"
            @change="setEnd(1, $event)"
          />{{ ' ' }} <QuietButton @click="again">draw others</QuietButton></template
        >
      </p>
      <Textarea
        v-if="comparison.on === 'typed'"
        :model-value="comparison.typed ?? ''"
        rows="2"
        spellcheck="false"
        placeholder="999.5 1000 1250000"
        aria-label="Numbers to compare on"
        class="typed"
        @update:model-value="set('Compare on typed numbers', { typed: $event ?? '' }, true)"
      />
      <p class="acts">
        <QuietButton
          aria-haspopup="dialog"
          :disabled="comparing.isFull.value"
          :title="
            comparing.isFull.value ? 'Six stand side by side at most: remove one first.' : undefined
          "
          @click="list?.toggle($event)"
        >
          add a suggested way
        </QuietButton>
        <QuietButton @click="print">print it</QuietButton>
      </p>
      <Popover ref="list" aria-label="Suggested ways"
        ><SuggestList
          :subject="comparing.toSuggest"
          :standing="comparing.standing"
          where="On these numbers"
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

.typed {
  width: 100%;
}
</style>
