<script setup lang="ts">
import { type Decimal, parseDecimal } from '~~/core/decimal/decimal'
import { regionOf } from '~~/core/label/region'
import { typedDecimal, typedText } from '~~/core/label/typed'
import { useLevels } from '~/stores/levels'
import { useLocaleTables } from '~/stores/localeTables'

/**
 * A number that is typed: grouped, in the region's marks, with a rung or a count of π. It is kept
 * as plain decimal text.
 */
const {
  value,
  placeholder,
  label,
  check = () => '',
} = defineProps<{
  value: string | undefined
  placeholder: string
  label: string
  /** What is wrong with a number; nothing where all is well. */
  check?: (number: Decimal) => string
}>()
const emit = defineEmits<{ change: [text: string | undefined] }>()

const levels = useLevels()
const tables = useLocaleTables()
const region = computed(() => regionOf(levels.style.locale, tables.loaded))
const shown = (text: string) => {
  const number = parseDecimal(text)
  return number ? typedText(number, region.value) : text
}
const read = (text: string) => typedDecimal(text, region.value)
</script>

<template>
  <TypedField
    :value="value === undefined ? undefined : shown(value)"
    :placeholder="shown(placeholder)"
    :label
    :read
    :check="(text: string) => check(parseDecimal(text)!)"
    @change="emit('change', $event)"
  />
</template>
