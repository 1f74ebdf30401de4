<script setup lang="ts">
import { beads } from '~/composables/beads'
import type { Standing } from '~~/shared/exports/export'
import { words as catalogue } from '~~/words'

const words = catalogue.exporting.exportDialog

/** The errors and warnings that stand when something is taken away. */
const props = defineProps<{ findings: readonly Standing[] }>()
const MOST = 12
const shown = computed(() => props.findings.slice(0, MOST))
const left = computed(() => props.findings.length - shown.value.length)
</script>

<template>
  <details>
    <summary>
      <span class="bead" :class="beads[findings[0]!.severity]" />{{
        words.openFindings({ count: findings.length })
      }}
    </summary>
    <ul>
      <li v-for="(one, at) in shown" :key="at">
        <span class="bead" :class="beads[one.severity]" />
        <span
          ><b>{{ one.quantity }}</b
          >{{ ' ' }}{{ catalogue.surfaces.where[one.surface] }}: {{ one.message }}</span
        >
      </li>
      <li v-if="left > 0">{{ words.moreFindings({ count: left }) }}</li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
}

summary .bead {
  margin-inline-end: var(--gap-2);
}

ul {
  display: grid;
  gap: var(--gap-1);
  max-height: 30vh;
  margin: var(--gap-2) 0 0;
  overflow: auto;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: var(--gap-2);
  align-items: baseline;
}
</style>
