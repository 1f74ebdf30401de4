<script setup lang="ts">
import { parseDecimal } from '~~/core/decimal/decimal'
import { FRACTION } from '~~/shared/study/texts'

/** The wanted step; empty where the program finds a round one. */
defineProps<{ step: string | undefined; found: string; isFraction: boolean }>()
const emit = defineEmits<{ change: [step: string | undefined] }>()

const asFraction = (text: string): string =>
  FRACTION.test(text)
    ? ''
    : 'A step is a fraction of the constant, such as 1/3 or 2; leave it empty for a round one.'
function asNumber(text: string): string {
  const read = parseDecimal(text)
  return read && read.coefficient > 0n
    ? ''
    : 'A step is a number above zero, such as 0.125; leave it empty for a round one.'
}
</script>

<template>
  <TypedField
    :value="step"
    :placeholder="found"
    label="Tick step"
    :check="isFraction ? asFraction : asNumber"
    @change="emit('change', $event)"
  />
</template>
