<script setup lang="ts">
import { levelKeys, otherKeys } from './keys'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.keyMap

/** What keys do. */
const visible = defineModel<boolean>('visible', { required: true })
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.help"
    :style="{ width: 'min(560px, 94vw)' }"
  >
    <h2>{{ words.keys }}</h2>
    <dl class="keys">
      <template v-for="{ key, does } in [...levelKeys, ...otherKeys]" :key="key"
        ><dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ does }}</dd></template
      >
    </dl>
    <p class="guide">
      <a href="/guide/index.html" target="_blank" rel="noopener">{{ words.guide }}</a>
      {{ words.explains }}
      <a href="/guide/style.html" target="_blank" rel="noopener">{{ words.fields }}</a>
      {{ words.and }}
      <a href="/guide/checks.html" target="_blank" rel="noopener">{{ words.checks }}</a>.
    </p>
  </Dialog>
</template>

<style scoped>
.keys {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--gap-1) var(--gap-4);
  margin: 0;
}

h2 {
  margin-bottom: var(--gap-2);
}

.guide {
  margin-top: var(--gap-4);
}

a {
  color: var(--jade);
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
