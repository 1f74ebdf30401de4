<script setup lang="ts">
import { parseDecimal } from '~~/core/decimal/decimal'
import { FRACTION } from '~~/shared/study/texts'
import { stepInput as words } from './words'

/** The wanted step; empty where the program finds a round one. */
defineProps<{ step: string | undefined; found: string; isFraction: boolean }>()
const emit = defineEmits<{ change: [step: string | undefined] }>()

const asFraction = (text: string): string =>
  FRACTION.test(text) ? '' : words.stepFractionConstantSuch
function asNumber(text: string): string {
  const read = parseDecimal(text)
  return read && read.coefficient > 0n ? '' : words.stepNumberAboveZero
}
</script>

<template>
  <TypedField
    :value="step"
    :placeholder="found"
    :label="words.tickStep"
    :check="isFraction ? asFraction : asNumber"
    @change="emit('change', $event)"
  />
</template>
