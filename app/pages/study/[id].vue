<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { Change } from '~~/core/checks/types'
import { toText } from '~~/core/decimal/decimal'
import { difference } from '~~/core/style/inherit'
import { usePage } from '~/composables/page'
import { cardsOf, type PlacedFinding } from '~/desk/cards'
import { useStudy } from '~/stores/study'

const route = useRoute()
const study = useStudy()
const page = usePage()
const trouble = ref('')
const importing = ref(false)
const exporting = ref(false)
const machine = ref(false)
const desk = useTemplateRef<HTMLElement>('desk')

onMounted(async () => {
  try {
    await study.open(String(route.params.id))
  } catch (error) {
    trouble.value = (error as Error).message
  }
})

/** A change is never lost to a closed tab without a word. */
function warn(event: BeforeUnloadEvent) {
  if (study.state !== 'saved') event.preventDefault()
}
onMounted(() => window.addEventListener('beforeunload', warn))
onBeforeUnmount(() => window.removeEventListener('beforeunload', warn))

function fix(change: Change, finding: PlacedFinding) {
  const what = `${study.quantity?.title}: ${change.title}, since ${finding.check} on the ${finding.surface}`
  if (change.ticks) study.setTicks(what, { step: change.ticks.step })
  else study.setStyle(what, difference(study.style, change.style))
}
const cards = computed(() => cardsOf(page.findings.value))

/** Texts undo by themselves. */
const isTyping = (target: EventTarget | null) => target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || isTyping(event.target)) return
  event.preventDefault()
  if (event.shiftKey) study.redo()
  else study.undo()
})
const example = stable(() => {
  const largest = exporting.value ? page.drawing.value?.groups[0] : undefined
  return largest ? { value: toText(largest.value), label: page.markLabels.value[0]! } : null
})
const title = computed(() => (study.document ? `${study.document.name} · Ivory Abacus` : 'Ivory Abacus'))
useHead({ title })
</script>

<template>
  <main v-if="trouble" class="trouble" role="alert"><p>{{ trouble }}</p><NuxtLink to="/studies">All studies</NuxtLink></main>
  <main v-else class="desk">
    <TopBar @bring-in="importing = true" @take-away="exporting = true" />
    <div v-if="study.quantity" ref="desk" class="work">
      <FindingMarks class="findings" :cards="cards" :left="study.left" :checking="page.checking.value" :trouble="page.checkTrouble.value" @fix="fix" @leave="study.leave" @take-back="study.takeBack" />
      <PageSheet v-model:machine="machine" :page="page" />
      <HairLines :desk="desk" :cards="cards" />
    </div>
    <div v-else class="empty">
      <template v-if="study.document">
        <h1>No numbers yet</h1>
        <p>Paste a table or drop a file: every column of numbers becomes a quantity that you can write.</p>
        <Button label="Bring in data" @click="importing = true" />
      </template>
      <p v-else role="status">Opening the study…</p>
    </div>
    <StyleDock v-if="page.drawing.value" :drawing="page.drawing.value" :mark-values="page.markValues.value" :plan="page.plans.marks.value" />
    <LazyImportDialog v-model:visible="importing" />
    <LazyExportDialog v-model:visible="exporting" :example="example" />
  </main>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr);
  height: 100%;
}

.work {
  position: relative;
  display: grid;
  grid-template-columns: clamp(230px, 23vw, 340px) minmax(0, 1fr);
  gap: var(--gap-6);
  min-height: 0;
  padding: var(--gap-4) var(--gap-5);
}

.findings {
  min-height: 0;
  overflow: auto;
}

.empty {
  display: grid;
  gap: var(--gap-3);
  place-content: center;
  justify-items: start;
  max-width: 46ch;
  margin: auto;
}

h1 {
  font-size: var(--text-title);
  font-weight: 600;
}

.trouble {
  padding: var(--gap-6);
}
</style>
