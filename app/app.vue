<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useFailures } from '~/stores/failures'
import { useWaiting } from '~/stores/waiting'
import { wholeApp as words } from '~/features/frame/words'

const failures = useFailures()
const reload = () => window.location.reload()

/** A finished chart that is dropped on any screen is proofed. */
const waiting = useWaiting()
const route = useRoute()
const drawingIn = (event: DragEvent): File | undefined =>
  [...(event.dataTransfer?.files ?? [])].find((file) => /\.svg$/i.test(file.name))
useEventListener(
  import.meta.client ? document : null,
  'drop',
  (event: DragEvent) => {
    const file = drawingIn(event)
    if (!file || route.path === '/proof') return
    event.preventDefault()
    event.stopPropagation()
    waiting.keep(file)
    void navigateTo('/proof')
  },
  { capture: true },
)
useEventListener(import.meta.client ? document : null, 'dragover', (event: DragEvent) =>
  event.preventDefault(),
)
</script>

<template>
  <NuxtPage />
  <div v-if="failures.last !== null" class="failure" role="alert">
    <p>
      {{ words.somethingOnPageFailed(failures.last) }}
    </p>
    <Button size="small" :label="words.reload" @click="reload" />
    <Button size="small" :label="words.goOn" variant="text" @click="failures.forget" />
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
