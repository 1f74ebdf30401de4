<script setup lang="ts">
import { checks } from '~~/core/checks'
import type { Change } from '~~/core/checks/types'
import type { Card, PlacedFinding } from '~/desk/cards'

const props = defineProps<{ cards: readonly Card[] }>()
const emit = defineEmits<{ fix: [change: Change, finding: PlacedFinding] }>()

const beads = { error: 'bad', warning: 'busy', note: '' } as const
const severities = { error: 'Error', warning: 'Warning', note: 'Note' } as const
const titles = Object.fromEntries(checks.map((check) => [check.id, check.title]))
/** How many findings each surface has. */
const counts = computed(() => {
  const by = new Map<string, number>()
  for (const { main, also } of props.cards) by.set(main.surface, (by.get(main.surface) ?? 0) + 1 + also.length)
  return [...by]
})
</script>

<template>
  <aside class="margin" aria-label="What a reader would get wrong" aria-live="polite">
    <p v-if="cards.length === 0" class="clean"><span class="bead good" /> Every label reads back as its number.</p>
    <p v-else class="counts"><span v-for="[surface, count] in counts" :key="surface">{{ surface }} <b>{{ count }}</b></span></p>
    <article v-for="({ main: finding, also }, at) in cards" :key="`${finding.check} ${finding.surface}`" class="finding" :class="finding.severity" :data-finding="at" :data-check="finding.check">
      <h2>
        <span class="bead" :class="beads[finding.severity]" :title="severities[finding.severity]" />
        {{ titles[finding.check] }}
        <span class="place">{{ finding.surface }}</span>
      </h2>
      <p>{{ finding.message }}</p>
      <div v-if="finding.fixes.length > 0" class="fixes">
        <Button v-for="fix in finding.fixes" :key="fix.title" size="small" :label="fix.title" variant="outlined" @click="emit('fix', fix, finding)" />
      </div>
      <details v-if="also.length > 0" class="also">
        <summary>mends {{ also.length }} more: {{ also.map((one) => titles[one.check]!.toLowerCase()).join(', ') }}</summary>
        <p v-for="one in also" :key="one.check" :data-check="one.check"><b>{{ titles[one.check] }}.</b> {{ one.message }}</p>
      </details>
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

.counts {
  display: flex;
  gap: var(--gap-3);
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.also {
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.also summary {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  cursor: pointer;
}

.also p {
  padding-top: var(--gap-1);
}

.fixes {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
  padding: var(--gap-1) 0;
}
</style>
