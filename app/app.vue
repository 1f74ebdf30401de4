<script setup lang="ts">
import { useFailures } from '~/stores/failures'

const failures = useFailures()
const reload = () => window.location.reload()
</script>

<template>
  <NuxtPage />
  <div v-if="failures.last !== null" class="failure" role="alert">
    <p>
      Something on this page failed, and it may show what is no longer so: {{ failures.last }}. What
      is saved stays as it is; reload the page to go on.
    </p>
    <Button size="small" label="Reload" @click="reload" />
    <Button size="small" label="Go on" variant="text" @click="failures.forget" />
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
</style>
