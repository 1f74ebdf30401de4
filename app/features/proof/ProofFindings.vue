<script setup lang="ts">
import { RANK } from '~~/core/checks/causes'
import type { FindingView, ProofView } from '~~/shared/proof/view'
import type { Style } from '~~/core/style/fields'
import { words as catalogue } from '~~/words'

const words = catalogue.proofread.proofFindings

/** What is wrong with a finished work, the gravest first. */
const props = defineProps<{ view: ProofView; shown: FindingView | null }>()
const emit = defineEmits<{ show: [finding: FindingView]; fix: [part: number, style: Style] }>()

const BEADS = { error: 'bad', warning: 'busy', note: '' } as const
const SEVERITIES = { error: words.error, warning: words.warning, note: words.note } as const
const sorted = computed(() =>
  [...props.view.findings].sort((a, b) => RANK[b.severity] - RANK[a.severity]),
)
const count = computed(() => props.view.parts.reduce((sum, { labels }) => sum + labels.length, 0))
const partOf = ({ part }: FindingView) => props.view.parts[part]
const placeOf = (finding: FindingView) => partOf(finding)?.labels[finding.at[0] ?? 0]
</script>

<template>
  <section class="findings" :aria-label="words.found({ count: sorted.length })">
    <template v-if="sorted.length === 0">
      <h2>{{ words.nothing }}</h2>
      <p class="soft">{{ words.labelsRead({ count }) }}</p>
    </template>
    <h2 v-else>{{ words.found({ count: sorted.length }) }}</h2>
    <article
      v-for="finding in sorted"
      :key="`${finding.part} ${finding.check}`"
      class="finding"
      :class="[finding.severity, { shown: finding === shown }]"
      :data-check="finding.check"
      @click="emit('show', finding)"
    >
      <h3>
        <span
          class="bead"
          :class="BEADS[finding.severity]"
          :title="SEVERITIES[finding.severity]"
        />{{ finding.title }}
      </h3>
      <p class="soft">
        {{ partOf(finding)?.title
        }}<template v-if="placeOf(finding)"
          >,
          {{
            words.place({ line: placeOf(finding)!.line, column: placeOf(finding)!.column })
          }}</template
        >
      </p>
      <p>{{ finding.message }}</p>
      <p v-if="finding.also.length > 0" class="soft">
        {{ words.also({ titles: finding.also.join(', ').toLowerCase() }) }}
      </p>
      <p v-if="finding.fixes.length > 0" class="fixes">
        <Button
          v-for="fix in finding.fixes"
          :key="fix.id + fix.title"
          size="small"
          variant="outlined"
          :label="fix.title"
          @click.stop="emit('fix', finding.part, fix.style)"
        />
      </p>
    </article>
  </section>
</template>

<style scoped>
.findings {
  display: grid;
  gap: var(--gap-3);
  align-content: start;
}

h2 {
  font-weight: 600;
  font-size: var(--text-large);
}

h3 {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  font-weight: 600;
}

.finding {
  display: grid;
  gap: var(--gap-1);
  padding: var(--gap-3);
  border-left: 3px solid var(--rule);
  background: var(--sheet);
  cursor: pointer;
}

.finding.error {
  border-left-color: var(--rosewood);
}

.finding.warning {
  border-left-color: var(--amber);
}

.finding.shown {
  background: var(--jade-wash);
}

.fixes {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2);
  margin-top: var(--gap-1);
}
</style>
