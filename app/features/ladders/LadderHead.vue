<script setup lang="ts">
import { beads } from '~/composables/beads'
import type { DrawnLadder } from '~~/shared/ladders'
import type { ladderFindings } from './ladderScale'
import { words as catalogue } from '~~/words'

const words = catalogue.ladders.ladderHead

/** The name of a ladder, a label on it, and what is done with it. */
defineProps<{
  ladder: DrawnLadder
  /** The largest number on the marks as it would be written. */
  sample: string
  /** Whether labels stand on it now. */
  isUsed: boolean
  findings: ReturnType<typeof ladderFindings>
  /** Why a text cannot be its name. */
  check: (text: string) => string
  /** What uses it, where it is about to be removed. */
  users: readonly string[] | null
}>()
const emit = defineEmits<{
  rename: [title: string | undefined]
  use: []
  add: []
  copy: []
  remove: [isSure: boolean]
  keep: []
}>()
</script>

<template>
  <div>
    <h2 v-if="!ladder.isOwn" :title="ladder.title">{{ drawable(ladder.title) }}</h2>
    <h2 v-else>
      <TypedField
        :value="ladder.title"
        :placeholder="words.name"
        :label="words.nameOf({ title: ladder.title })"
        :check="check"
        @change="emit('rename', $event)"
      />
    </h2>
    <p class="sample">{{ drawable(sample) }}</p>
    <p class="acts">
      <QuietButton v-if="!isUsed" @click="emit('use')"> {{ words.use }} </QuietButton>
      <QuietButton v-if="ladder.isOwn" @click="emit('add')"> {{ words.addRung }} </QuietButton>
      <QuietButton @click="emit('copy')">{{ words.copy }}</QuietButton>
      <QuietButton v-if="ladder.isOwn" @click="emit('remove', false)">
        {{ words.remove }}
      </QuietButton>
    </p>
    <p v-if="users" class="trouble" role="alert">
      {{
        words.usedBy({
          users: users.join(', '),
          count: users.length,
        })
      }}
      <QuietButton @click="emit('remove', true)"> {{ words.removeAnyway }} </QuietButton>{{ ' ' }}
      <QuietButton @click="emit('keep')">{{ words.keep }}</QuietButton>
    </p>
    <p v-for="one in findings" :key="one.message" class="found">
      <span class="bead" :class="beads[one.severity]" />{{ ' ' }} <b>{{ one.title }}.</b>
      {{ one.message }}
    </p>
  </div>
</template>

<style scoped>
h2 {
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}

.sample {
  min-height: 1.4em;
  font-weight: 600;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-3);
}

.found,
.trouble {
  margin-top: var(--gap-1);
  font-size: var(--text-small);
}

.trouble {
  color: var(--rosewood);
}
</style>
