<script setup lang="ts">
import { useFixes } from '~/features/margin/useFixes'
import type { Page } from '~/features/page/usePage'
import { cardsOf } from '~/features/margin/cards'
import { useStudy } from '~/stores/study'

const study = useStudy()
const { page } = defineProps<{ page: Page }>()
const { fix } = useFixes()
const desk = useTemplateRef<HTMLElement>('desk')
const cards = computed(() => cardsOf(page.findings.value))
</script>

<template>
  <div ref="desk" class="work">
    <FindingMarks
      class="findings"
      :cards="cards"
      :left="study.left"
      :checks="page.checks"
      :trouble="page.checkTrouble.value"
      @fix="fix"
      @leave="study.leave"
      @take-back="study.takeBack"
      @show="study.show"
    />
    <PageSheet :page="page" />
    <HairLines :desk="desk" :cards="cards" />
  </div>
  <StyleDock v-if="page.drawing.value" :page="page" />
</template>

<style scoped>
/* With the height of its row given, what stands in it is not measured before it is laid out. */
.work {
  position: relative;
  display: grid;
  grid-template: minmax(0, 1fr) / clamp(230px, 23vw, 340px) minmax(0, 1fr);
  gap: var(--gap-6);
  min-height: 0;
  padding: var(--gap-4) var(--gap-5);
}

.findings {
  min-height: 0;
  overflow: auto;
}
</style>
