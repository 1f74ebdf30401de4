<script setup lang="ts">
import { characterText, LARGEST_ORDER, LEAST_ORDER, turnsOf } from '~~/core/compare/sweep'
import { toExactText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import { useCompare } from '~/composables/compare'
import { usePage } from '~/composables/page'
import { useRegions } from '~/stores/regions'
import { useStudy } from '~/stores/study'

const FONT_SIZE = 14
const study = useStudy()
const regions = useRegions()
const page = usePage()
const { columns: compared } = useCompare(page, FONT_SIZE)
const table = useTemplateRef<{ jump(order: number): void }>('table')

/** What the marks share stays as it is on them, so that the sweep writes as the page does. */
const columns = computed(() => compared.value.map(({ title, style }) => {
  const plan = resolve(style, { ...regions.loaded, values: page.numbersOn.marks().map(toExactText) })
  return { title, writer: labeller(plan), turns: turnsOf(plan) }
}))
/** Where any of the styles begins to write otherwise, the largest first. */
const turns = computed(() => {
  const byOrder = new Map<number, Set<string>>()
  for (const { order, to } of columns.value.flatMap((column) => column.turns)) byOrder.set(order, (byOrder.get(order) ?? new Set()).add(characterText(to)))
  return [...byOrder].sort((a, b) => b[0] - a[0]).map(([order, texts]) => ({ order, text: [...texts].join(', ') }))
})
const toOrder = (text: string) => (/^[-−]?\d{1,3}$/.test(text) && Number(text.replace('−', '-')) >= LEAST_ORDER && Number(text.replace('−', '-')) <= LARGEST_ORDER ? '' : `A power of ten from ${LEAST_ORDER} to ${LARGEST_ORDER}.`)
const asked = ref<string>()
function jump(text: string | undefined) {
  asked.value = text
  if (text) table.value?.jump(Number(text.replace('−', '-')))
}
</script>

<template>
  <StudyFrame :page="page" screen="Sweep">
    <div class="screen column">
      <template v-if="page.drawing.value">
        <p>
          <strong>{{ study.quantity?.title }}</strong> over every order of magnitude, as the <NuxtLink :to="`/study/${study.id}/compare`" class="quiet">styles that are compared</NuxtLink> write it. Go to 10 to the
          <TypedField :value="asked" placeholder="6" label="Order of magnitude" :check="toOrder" @change="jump" />
        </p>
        <p v-if="turns.length > 0" class="turns">Where the writing turns:
          <button v-for="{ order, text } in turns" :key="order" type="button" class="quiet" @click="table?.jump(order)"><PowerOfTen :power="order" /> {{ text }}</button>
        </p>
        <SweepTable ref="table" :columns="columns" class="table" :style="{ fontSize: `${FONT_SIZE}px` }" />
      </template>
      <NoNumbers v-else :page="page" />
    </div>
  </StudyFrame>
</template>

<style scoped>
.turns {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  max-height: 3.2em;
  overflow: auto;
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.table {
  flex: 1;
}
</style>
