<script setup lang="ts">
import { levelKeys, otherKeys } from '~/desk/keys'

/** What keys do. */
const visible = defineModel<boolean>('visible', { required: true })
</script>

<template>
  <Dialog v-model:visible="visible" modal header="Keys" :style="{ width: 'min(560px, 94vw)' }">
    <dl class="keys">
      <template v-for="{ key, does } in [...levelKeys, ...otherKeys]" :key="key"><dt><kbd>{{ key }}</kbd></dt><dd>{{ does }}</dd></template>
    </dl>
  </Dialog>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--gap-1) var(--gap-4);
  margin: 0;
}

dd {
  margin: 0;
}

kbd {
  padding: 0 6px;
  border: 1px solid var(--rule);
  border-radius: 3px;
  background: var(--paper);
  font: inherit;
}
</style>
