<script setup lang="ts">
import { useDropZone } from '@vueuse/core'
import { download } from '~/composables/download'
import { useMending } from '~/features/proof/useMending'
import { useProof } from '~/features/proof/useProof'
import { words as catalogue } from '~~/words'
import { useWaiting } from '~/stores/waiting'

const words = catalogue.proofread.proofPage

/**
 * Finished charts and tables, whatever made them: what is wrong with their numbers, shown on the
 * work itself, and their labels written anew in the same file.
 */
const proof = useProof()
const { name, trouble, busy, work, before, declared } = proof
const mending = useMending(proof)
const { part, finding, style, next, parts, inHand, labels, isSame, left } = mending
const waiting = useWaiting()
const bar = useTemplateRef<{ ask(): void }>('bar')

const EXAMPLE = '/proof/harvest.svg'
async function open(file: File | null | undefined) {
  if (!file) return
  mending.leave()
  await proof.open(file)
  mending.begin()
}
async function tryOne() {
  const text = await (await fetch(EXAMPLE)).text()
  await open(new File([text], 'harvest.svg', { type: 'image/svg+xml' }))
}
const { isOverDropZone } = useDropZone(import.meta.client ? document : null, {
  onDrop: (dropped) => void open(dropped?.[0]),
})
onMounted(() => void open(waiting.take()))

/** The work as it would be with the labels in hand. */
const view = computed(() => next.value?.view ?? work.value?.view ?? null)
/** The labels that stand out: those of the finding that is shown; of all where new ones are tried. */
const marked = computed(() => {
  const one = finding.value ? [finding.value] : []
  const shown = next.value ? next.value.view.findings : one
  const found = new Map<number, Set<number>>()
  for (const { part: of, at } of shown) found.set(of, new Set([...(found.get(of) ?? []), ...at]))
  return found
})
const partsOf = (kind: 'chart' | 'table', at: number) =>
  (view.value?.parts ?? []).flatMap((one, place) =>
    one.work === at && (one.kind === 'column') === (kind === 'table')
      ? [{ part: one, at: place }]
      : [],
  )

async function after(change: Promise<unknown>) {
  await change
  mending.begin()
}
function save() {
  const type = /\.svg$/i.test(name.value) ? 'image/svg+xml' : 'text/html'
  if (work.value) download({ name: name.value, text: work.value.text, type })
}
async function makeStudy() {
  const made = await proof.makeStudy()
  if (made) await navigateTo(`/study/${made.id}`)
}
useHead({ title: words.tab })
</script>

<template>
  <main class="screen" :class="{ over: isOverDropZone }">
    <ProofBar
      ref="bar"
      :name="name"
      :is-open="work !== null"
      :is-changed="before.length > 0"
      :declared="declared"
      @choose="open"
      @read-as="(tags) => after(proof.readAs(tags))"
      @take-back="after(proof.takeBack())"
      @make-study="makeStudy"
      @save="save"
    />
    <ProofDrop
      v-if="!work || !view"
      :trouble="trouble"
      :name="name"
      :busy="busy"
      @choose="bar?.ask()"
      @try-one="tryOne"
    />
    <div v-else class="desk" :class="{ mending: style }">
      <section class="works">
        <Message v-if="view.unread" severity="warn" :closable="false">{{ view.unread }}</Message>
        <ProofPicture
          v-for="(chart, at) in view.charts"
          :key="`chart ${at}`"
          :chart="chart"
          :parts="partsOf('chart', at)"
          :shown="part"
          :marked="marked"
          @take="mending.take"
        />
        <ProofTables
          v-for="(table, at) in view.tables"
          :key="`table ${at}`"
          :table="table"
          :parts="partsOf('table', at)"
          :shown="part"
          :marked="marked"
          @take="mending.take"
        />
        <ProofParts
          v-if="!style"
          :parts="parts"
          :shown="part"
          @take="mending.take"
          @mend="part !== null && mending.mend(part)"
        />
      </section>
      <ProofFindings
        v-if="!view.unread"
        class="margin"
        :view="view"
        :shown="finding"
        @show="mending.show"
        @fix="mending.mend"
      />
    </div>
    <ProofMend
      v-if="inHand && style"
      :part="inHand"
      :style="style"
      :next="labels"
      :is-same="isSame"
      :left="left"
      @change="style = $event"
      @apply="mending.apply"
      @cancel="mending.leave"
    />
  </main>
</template>

<style scoped>
.screen {
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr);
  height: 100%;
}

.screen.over {
  outline: 2px dashed var(--jade);
  outline-offset: calc(-1 * var(--gap-2));
}

.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr) clamp(260px, 30vw, 400px);
  gap: var(--gap-5);
  min-height: 0;
  padding: var(--gap-5);
}

/* What stands above and below a picture. */
.desk {
  --taken: 270px;
}

.desk.mending {
  --taken: 410px;
}

.works,
.margin {
  min-height: 0;
  overflow: auto;
}

.works {
  display: grid;
  gap: var(--gap-5);
  align-content: start;
}
</style>
