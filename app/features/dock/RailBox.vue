<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { Extremes } from '~~/core/data/extremes'
import type { Plan } from '~~/core/label/types'
import type { FullStyle, Style } from '~~/core/style/fields'
import { type BesideExtremes, type Rail, railOf } from './rail'

/**
 * The rail in all the width that it has. What it shows is asked for by getters, so that a move of a
 * handle draws the rail's digits and nothing around them.
 */
const props = defineProps<{
  extremes: () => Extremes | null
  plan: () => Plan
  beside?: () => BesideExtremes
  written: () => FullStyle
}>()
defineEmits<{ change: [what: string, patch: Style] }>()

const MOST_WIDTH = 1180
const { width } = useElementSize(useTemplateRef<HTMLElement>('box'))
const isThere = computed(() => props.extremes() !== null)
const rail = computed(() => railOf(props.plan(), props.extremes()!, props.beside?.()))
const railNow = (): Rail => rail.value
</script>

<template>
  <div ref="box" class="box">
    <DigitRail
      v-if="isThere && width > 0"
      :rail-now="railNow"
      :style-now="written"
      :width="Math.min(width, MOST_WIDTH)"
      @change="(what, patch) => $emit('change', what, patch)"
    />
    <slot v-else-if="!isThere" />
  </div>
</template>

<style scoped>
.box {
  min-width: 0;
  overflow: hidden;
}
</style>
