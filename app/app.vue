<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useFailures } from '~/stores/failures'
import { useWaiting } from '~/stores/waiting'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.wholeApp

const failures = useFailures()
const reload = () => window.location.reload()

/**
 * A finished chart that is dropped on any screen is proofed, and a page with tables too, but where
 * those are brought in as data.
 */
const waiting = useWaiting()
const route = useRoute()
const page = import.meta.client ? document : null
const bringsIn = ({ target }: DragEvent): boolean =>
  route.path === '/studies' ||
  (target instanceof Element && target.closest('[role=dialog]') !== null)
const hasFiles = (event: DragEvent): boolean => event.dataTransfer?.types.includes('Files') ?? false
const workIn = (event: DragEvent): File | undefined =>
  [...(event.dataTransfer?.files ?? [])].find(
    ({ name }) => /\.svg$/i.test(name) || (/\.html?$/i.test(name) && !bringsIn(event)),
  )
function proof(event: DragEvent) {
  if (!hasFiles(event)) return
  // A file that nobody takes would open in the place of the page.
  event.preventDefault()
  const file = workIn(event)
  if (!file || route.path === '/proof') return
  event.stopPropagation()
  waiting.keep(file)
  void navigateTo('/proof')
}
useEventListener(page, 'drop', proof, { capture: true })
useEventListener(page, 'dragover', (event: DragEvent) => {
  if (hasFiles(event)) event.preventDefault()
})
</script>

<template>
  <NuxtPage />
  <div v-if="failures.last !== null" class="failure" role="alert">
    <p>
      {{ words.failed({ problem: failures.last }) }}
    </p>
    <Button size="small" :label="words.reload" @click="reload" />
    <Button size="small" :label="words.continue" variant="text" @click="failures.forget" />
  </div>
</template>

<style scoped>
.failure {
  position: fixed;
  right: var(--gap-5);
  bottom: var(--gap-5);
  z-index: 20;
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  max-width: 620px;
  padding: var(--gap-3) var(--gap-4);
  background: var(--sheet);
  border-left: 3px solid var(--rosewood);
  box-shadow: var(--shadow);
}

.failure > :not(p) {
  flex: none;
}
</style>
