<script setup lang="ts">
import { NOTE, type TotalChoice } from '~~/shared/page/totals'
import type { Totals } from './useTotals'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.totalRow

/** The total under a table, and what to do where the printed parts miss it. */
const props = defineProps<{ totals: Totals }>()
const study = useStudy()
const list = useTemplateRef<{ toggle(event: Event): void; hide(): void }>('list')
const choices = shallowRef<TotalChoice[]>([])
const count = computed(() => props.totals.summed.value.length)
const isMissed = computed(
  () => props.totals.missed.value !== null && props.totals.way.value === 'plain',
)

const category = computed(() => study.quantity?.chart.category ?? null)
const hasSubtotals = computed(() => study.quantity?.subtotals ?? false)
const setSubtotals = () =>
  study.changeQuantity(
    hasSubtotals.value
      ? words.hideSubtotals
      : words.showSubtotals({ category: category.value ?? '' }),
    (one) => ({ ...one, subtotals: hasSubtotals.value ? undefined : true }),
  )
function open(event: Event) {
  choices.value = props.totals.choices()
  list.value?.toggle(event)
}
function take(choice: TotalChoice) {
  props.totals.take(choice)
  list.value?.hide()
}
</script>

<template>
  <div class="foot">
    <template v-if="totals.hasTotal.value">
      <p class="line">
        <span class="name">{{
          words.total({
            what: totals.isAll.value ? words.allRows({ count }) : words.rows({ count }),
          })
        }}</span>
        <span class="acts">
          <QuietButton v-if="!totals.isAll.value" @click="totals.clear()">
            {{ words.ofAll }}
          </QuietButton>
          <QuietButton v-else @click="study.setTotal(words.hideTotal, undefined)">
            {{ words.hide }}
          </QuietButton>
          <QuietButton v-if="category !== null" :aria-pressed="hasSubtotals" @click="setSubtotals">
            {{ words.by({ category }) }}
          </QuietButton>
        </span>
      </p>
      <ul
        v-if="hasSubtotals"
        class="subtotals"
        :aria-label="words.subtotalsBy({ category: category ?? '' })"
      >
        <li v-for="part in totals.subtotals.value" :key="part.category">
          <span>{{ part.category }}</span> <b data-subtotal>{{ part.label }}</b>
        </li>
      </ul>
      <p v-if="isMissed" class="missed">
        {{ words.mismatch({ sum: totals.missed.value ?? '' }) }}
        <QuietButton aria-haspopup="dialog" @click="open"> {{ words.options }} </QuietButton>
      </p>
      <p v-else-if="totals.way.value === 'note' && totals.missed.value !== null" class="soft">
        {{ NOTE }} <QuietButton @click="open">{{ words.change }}</QuietButton>
      </p>
      <p v-else-if="totals.adjusted.value.size > 0" class="soft">
        {{ words.adjusted({ count: totals.adjusted.value.size }) }}
        <QuietButton @click="open">{{ words.change }}</QuietButton>
      </p>
      <Popover ref="list" :aria-label="words.optionsTitle">
        <div class="choices">
          <p class="soft">{{ words.unrounded({ total: totals.exactly.value }) }}</p>
          <button
            v-for="choice in choices"
            :key="choice.title"
            type="button"
            class="choice"
            @click="take(choice)"
          >
            <span>{{ choice.title }}</span><span class="soft">{{ choice.sample }}</span>
          </button>
        </div>
      </Popover>
    </template>
    <QuietButton v-else @click="study.setTotal(words.showTotal, 'plain')">
      {{ words.showTotal }}
    </QuietButton>
  </div>
</template>

<style scoped>
/* Under the table's numbers: beside these stands the narrow column in which others are added. */
.foot {
  --behind: calc(14px + var(--gap-3));

  padding-top: var(--gap-1);
}

.line {
  display: flex;
  gap: var(--gap-2);
  align-items: baseline;
  padding-inline-end: var(--behind);
}

.acts {
  display: flex;
  gap: var(--gap-2);
}

.subtotals {
  display: grid;
  gap: 0 var(--gap-4);
  margin: 0;
  padding: 0;
  padding-inline-end: var(--behind);
  max-height: 9em;
  overflow: auto;
  color: var(--ink-soft);
  font-size: var(--text-small);
  list-style: none;
}

.subtotals li {
  display: flex;
  justify-content: space-between;
}

.missed {
  color: var(--rosewood);
  font-size: var(--text-small);
}

.soft {
  font-size: var(--text-small);
}

.choices {
  display: grid;
  gap: var(--gap-2);
  max-width: 34rem;
}

.choice {
  display: grid;
  gap: 2px;
  padding: var(--gap-2);
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  text-align: start;
  cursor: pointer;
}

.choice:hover {
  border-color: var(--jade);
  background: var(--jade-wash);
}
</style>
