<script setup lang="ts">
import type { Decimal } from '~~/core/decimal/decimal'
import { FRACTION } from '~~/shared/study/texts'
import { stepInput as words } from './words'

/** The wanted step; empty where the program finds a round one. */
defineProps<{ step: string | undefined; found: string; isFraction: boolean }>()
const emit = defineEmits<{ change: [step: string | undefined] }>()

const asFraction = (text: string): string =>
  FRACTION.test(text) ? '' : words.stepFractionConstantSuch
const aboveZero = ({ coefficient }: Decimal): string =>
  coefficient > 0n ? '' : words.stepNumberAboveZero
</script>

<template>
  <TypedField
    v-if="isFraction"
    :value="step"
    :placeholder="found"
    :label="words.tickStep"
    :check="asFraction"
    @change="emit('change', $event)"
  />
  <NumberField
    v-else
    :value="step"
    :placeholder="found"
    :label="words.tickStep"
    :check="aboveZero"
    @change="emit('change', $event)"
  />
</template>
