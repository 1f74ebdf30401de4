<script setup lang="ts">
import type { FullStyle } from '~~/core/style/fields'
import type { OtherColumn } from '~~/shared/page/otherColumns'
import { words as catalogue } from '~~/words'

const words = catalogue.page.valueTable

type Halves = readonly [string, string]
/** The totals under their columns, aligned as the cells are. */
defineProps<{
  /** How many columns of text there are. */
  texts: number
  others: readonly {
    readonly other: OtherColumn
    readonly align: FullStyle['align']
    readonly tail: string
    readonly total: Halves
  }[]
  machine: boolean
  align: FullStyle['align']
  own: Halves
  tail: string
  /** All digits of the total. */
  exactly: string
}>()
</script>

<template>
  <div class="row total" role="row">
    <span role="cell" class="pick" />
    <span v-for="at in texts" :key="at" role="cell">{{ at === 1 ? words.total : '' }}</span>
    <AlignedNumber
      v-for="column in others"
      :key="column.other.name"
      role="cell"
      class="beside"
      :align="column.align"
      :halves="column.total"
      :tail="column.tail"
      data-other-total
    />
    <span v-if="machine" role="cell" class="machine" />
    <AlignedNumber role="cell" :align :halves="own" :tail :title="exactly" data-total />
    <span role="cell" class="pick" />
  </div>
</template>
