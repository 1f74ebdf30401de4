<script setup lang="ts">
import type { OtherColumn } from '~~/shared/page/otherColumns'
import { words as catalogue } from '~~/words'

const words = catalogue.page.valueTable

/** The heads of a table's columns; a click on that of the numbers sorts by them. */
defineProps<{
  title: string
  texts: readonly { readonly name: string }[]
  others: readonly OtherColumn[]
  machine: boolean
  sorting: 'none' | 'ascending' | 'descending'
  arrow: string
}>()
const emit = defineEmits<{ turn: []; take: [other: OtherColumn]; chosen: [] }>()
</script>

<template>
  <div class="row head" role="row">
    <span role="columnheader" class="pick" :title="words.rowsInTotal">Σ</span>
    <span v-for="text in texts" :key="text.name" role="columnheader">{{ text.name }}</span>
    <span v-for="other in others" :key="other.name" role="columnheader" class="number beside"
      ><button
        type="button"
        :title="words.edit({ title: other.title })"
        @click="emit('take', other)"
      >
        {{ other.title }}
      </button></span
    >
    <span v-if="machine" role="columnheader" class="number machine">{{ words.raw }}</span>
    <span role="columnheader" class="number" data-head="table" :aria-sort="sorting">
      <button type="button" :title="words.sortByNumber" @click="emit('turn')">
        {{ title }}{{ arrow }}
      </button>
    </span>
    <span role="columnheader" class="pick"><TableColumns @chosen="emit('chosen')" /></span>
  </div>
</template>
