<script setup lang="ts">
import { type MixedRows, unitWords } from '~~/shared/page/mixed'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.rates.unitsOffer

/** What can be done where rows are in several units that share no scale: it stands for the chart. */
const props = defineProps<{
  mixed: MixedRows
  isMoney: boolean
  /** Whether the chart's form can be drawn in panels. */
  panels: boolean
}>()
const emit = defineEmits<{ rates: [] }>()
const study = useStudy()

const counted = computed(() =>
  props.mixed.units.map((unit) => {
    const count = props.mixed.unitAt.filter((one) => one === unit).length
    return {
      unit,
      says: words.unitRows({
        unit: unitWords(unit),
        rows: count === 1 ? words.oneRow : words.rows({ count }),
      }),
    }
  }),
)
const says = computed(() => {
  const { units } = props.mixed
  return (props.isMoney ? words.currencies : words.measures)({
    count: units.length,
    units: units.map(unitWords),
  })
})
const drawPanels = () =>
  study.setChart(words.drawPanels({ column: props.mixed.column }), { panels: props.mixed.column })
const showOnly = (unit: string) =>
  study.setFilter(words.showOnly({ unit: unitWords(unit) }), {
    column: props.mixed.column,
    is: [unit],
  })
</script>

<template>
  <section class="offer" :aria-label="says" data-units-offer>
    <p class="says">{{ says }}</p>
    <p class="soft">{{ words.noScale }}</p>
    <Button v-if="isMoney" size="small" :label="words.enter" @click="emit('rates')" />
    <Button
      v-if="panels"
      size="small"
      :variant="isMoney ? 'outlined' : undefined"
      :label="words.panels"
      @click="drawPanels"
    />
    <p class="soft">{{ words.orShow }}</p>
    <div class="units">
      <Button
        v-for="{ unit, says: told } in counted"
        :key="unit"
        size="small"
        variant="outlined"
        :label="told"
        @click="showOnly(unit)"
      />
    </div>
  </section>
</template>

<style scoped>
.offer {
  display: grid;
  gap: var(--gap-2);
  align-content: center;
  justify-items: start;
  padding: var(--gap-5);
  border: 1px solid var(--rule-soft);
  font-size: var(--text);
}

.says {
  font-weight: 600;
}

.units {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
}
</style>
