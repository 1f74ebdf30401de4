<script setup lang="ts">
import { checks } from '~~/core/checks'
import type { Change } from '~~/core/checks/types'
import type { PlacedFinding } from '~/composables/page'

defineProps<{ findings: readonly PlacedFinding[] }>()
const emit = defineEmits<{ fix: [change: Change, finding: PlacedFinding] }>()

const beads = { error: 'bad', warning: 'busy', note: '' } as const
const severities = { error: 'Error', warning: 'Warning', note: 'Note' } as const
const titles = Object.fromEntries(checks.map((check) => [check.id, check.title]))
</script>

<template>
  <aside class="margin" aria-label="What a reader would get wrong" aria-live="polite">
    <p v-if="findings.length === 0" class="clean"><span class="bead good" /> Every label reads back as its number.</p>
    <article v-for="(finding, at) in findings" :key="`${finding.check} ${finding.surface}`" class="finding" :class="finding.severity" :data-finding="at" :data-check="finding.check">
      <h2>
        <span class="bead" :class="beads[finding.severity]" :title="severities[finding.severity]" />
        {{ titles[finding.check] }}
        <span class="place">{{ finding.surface }}</span>
      </h2>
      <p>{{ finding.message }}</p>
      <div v-if="finding.fixes.length > 0" class="fixes">
        <Button v-for="fix in finding.fixes" :key="fix.title" size="small" :label="fix.title" variant="outlined" @click="emit('fix', fix, finding)" />
      </div>
    </article>
  </aside>
</template>

<style scoped>
.margin {
  display: grid;
  align-content: start;
  gap: var(--gap-3);
}

.clean {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  color: var(--ink-soft);
}

.finding {
  display: grid;
  gap: var(--gap-1);
  padding-right: var(--gap-3);
  border-right: 2px solid var(--rosewood);
}

.finding.warning {
  border-right-color: var(--amber);
}

.finding.note {
  border-right-color: var(--rule);
}

h2 {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  font-weight: 600;
}

.place {
  margin-left: auto;
  color: var(--ink-soft);
  font-size: var(--text-small);
  font-weight: 400;
}

.fixes {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
  padding: var(--gap-1) 0;
}
</style>
