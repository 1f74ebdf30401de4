<script setup lang="ts">
import type { Comparing } from './useCompare'
import { words as catalogue } from '~~/words'

const words = catalogue.compare.compareTable

/** The styles that are compared, each with what tells it from the others and what is done with it. */
const props = defineProps<{ comparing: Comparing; hand: number }>()
const emit = defineEmits<{ take: [at: number] }>()
const columns = computed(() => props.comparing.columns.value)
/** The copy is in hand. */
function copy(at: number) {
  props.comparing.add(at)
  emit('take', at + 1)
}
</script>

<template>
  <thead>
    <tr>
      <th scope="col" class="value">{{ words.number }}</th>
      <th
        v-for="(column, at) in columns"
        :key="at"
        scope="col"
        :class="{ hand: at === hand }"
        @click="emit('take', at)"
      >
        <span class="head">
          <button
            type="button"
            class="name"
            :aria-pressed="at === hand"
            :aria-label="words.style({ at: at + 1, title: column.title })"
          >
            {{ column.title }}
          </button>
          <span class="tools">
            <QuietButton :aria-pressed="column.pinned" @click.stop="comparing.pin(at)">
              {{ column.pinned ? words.pinned : words.pin }}
            </QuietButton>
            <QuietButton
              :disabled="at === 0"
              :aria-label="words.moveLeft({ at: at + 1 })"
              @click.stop="comparing.move(at, -1)"
            >
              ←
            </QuietButton>
            <QuietButton
              :disabled="at === columns.length - 1"
              :aria-label="words.moveRight({ at: at + 1 })"
              @click.stop="comparing.move(at, 1)"
            >
              →
            </QuietButton>
            <QuietButton v-if="!comparing.isFull.value" @click.stop="copy(at)">
              {{ words.copy }}
            </QuietButton>
            <QuietButton v-if="!comparing.isLeast.value" @click.stop="comparing.remove(at)">
              {{ words.remove }}
            </QuietButton>
          </span>
        </span>
      </th>
    </tr>
  </thead>
</template>
