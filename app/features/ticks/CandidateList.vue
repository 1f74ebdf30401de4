<script setup lang="ts">
import type { AxisKind } from '~~/core/ticks/along'
import { reachOf, type Span } from '~~/core/ticks/linear'
import type { Candidate } from './useCandidates'
import { words as catalogue } from '~~/words'

const words = catalogue.ticks.candidateList

/** Other ticks and labels for the same axis, the best first, each drawn at the same size. */
defineProps<{ candidates: readonly Candidate[]; domain: Span; kind: AxisKind; width: number }>()
const emit = defineEmits<{ take: [candidate: Candidate] }>()
</script>

<template>
  <ol class="candidates" :aria-label="words.title">
    <li v-for="(candidate, at) in candidates" :key="candidate.key" class="candidate">
      <TickRuler
        :reach="reachOf(domain, candidate.values)"
        :kind="kind"
        :values="candidate.values"
        :labels="candidate.labels"
        :width="width"
        :font-size="candidate.fontSize"
        :turned="candidate.turned"
        :title="words.candidate({ at: at + 1, labels: candidate.labels.join(', ') })"
      />
      <div class="words">
        <p>
          <span v-for="reason in candidate.speaksFor" :key="reason"
            ><span class="bead good" /> {{ reason }}</span
          >
          <span v-for="reason in candidate.against" :key="reason" class="against"
            ><span class="bead bad" /> {{ reason }}</span
          >
        </p>
        <span v-if="candidate.isTaken" class="soft">{{ words.onPage }}</span>
        <Button
          v-else
          size="small"
          :label="words.use"
          variant="outlined"
          :aria-label="words.useCandidate({ at: at + 1, step: candidate.step })"
          @click="emit('take', candidate)"
        />
      </div>
    </li>
    <li v-if="candidates.length === 0" class="soft">
      {{ words.none }}
    </li>
  </ol>
</template>

<style scoped>
.candidates {
  display: grid;
  gap: var(--gap-3);
  margin: 0;
  padding: 0;
  list-style: none;
}

.candidate {
  padding-bottom: var(--gap-2);
  border-bottom: 1px solid var(--rule-soft);
}

.words {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--gap-3);
  align-items: center;
  margin: 2px 56px 0;
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.words p {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-4);
}

.against {
  color: var(--rosewood);
}
</style>
