<script setup lang="ts">
import type { Decimal } from '~~/core/decimal/decimal'
import { type ShownUnit, stepRecorded, stepShown } from '~~/core/ticks/shown'
import { FRACTION } from '~~/shared/study/texts'
import { words as catalogue } from '~~/words'

const words = catalogue.ticks.stepInput

/** The wanted step; empty where the program finds a round one. */
const { step, found, unit } = defineProps<{
  step: string | undefined
  found: string
  isFraction: boolean
  /** The unit that the axis shows, where that is not the recorded one: the step is typed in it. */
  unit: ShownUnit | undefined
}>()
const emit = defineEmits<{ change: [step: string | undefined] }>()

const typed = computed(() => step && stepShown(step, unit))
const give = (text: string | undefined) => emit('change', text && stepRecorded(text, unit))
const asFraction = (text: string): string => (FRACTION.test(text) ? '' : words.fractionError)
const aboveZero = ({ coefficient }: Decimal): string => (coefficient > 0n ? '' : words.stepError)
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
    :value="typed"
    :placeholder="stepShown(found, unit)"
    :label="words.tickStep"
    :check="aboveZero"
    @change="give"
  />
</template>
