<script setup lang="ts">
import { type Decimal, toText } from '~~/core/decimal/decimal'
import { briefly } from '~~/core/decimal/plainly'
import type { Plan } from '~~/core/label/types'
import type { PlaceSet } from '~/features/margin/cards'
import { readingOf } from '~/features/page/reading'
import { vFocus } from '~/controls/vFocus'
import { pastedLabels } from './pastedLabels'
import { words as catalogue } from '~~/words'

const words = catalogue.ticks.tickTable

/**
 * Each tick with its label, the text that somebody put in its place, and what a reader takes that
 * for.
 */
const props = defineProps<{
  values: readonly Decimal[]
  styled: readonly string[]
  labels: readonly string[]
  texts: readonly string[]
  plan: Plan
  flagged: PlaceSet
}>()
const emit = defineEmits<{
  text: [at: number, text: string]
  list: [from: number, labels: string[]]
  clear: []
}>()

const rows = computed(() =>
  props.labels.map((label, at) => {
    const value = props.values[at] ?? null
    return {
      at,
      value: value ? briefly(value) : words.noTick,
      key: value ? toText(value) : `none ${at}`,
      styled: props.styled[at] ?? '',
      text: props.texts[at] ?? '',
      ...readingOf(label, value, props.plan),
    }
  }),
)
/** Several at once go to the ticks from where they were pasted. */
function paste(event: ClipboardEvent, at: number) {
  const labels = pastedLabels(event.clipboardData?.getData('text') ?? '')
  if (labels.length < 2) return
  event.preventDefault()
  emit('list', at, labels)
}
const box = useTemplateRef<{ toggle(event: Event): void; hide(): void }>('box')
const list = ref('')
const pasted = computed(() => (list.value.trim() === '' ? [] : pastedLabels(list.value)))
/** How many labels are pasted, for how many ticks. */
const pastedText = computed(() => {
  const labels = pasted.value.length
  if (labels === 0) return ''
  const apart = labels - props.values.length
  const count = words.pasted({ labels, ticks: props.values.length })
  if (apart === 0) return count
  return apart < 0
    ? words.tooFew({ pasted: count, count: -apart })
    : words.tooMany({ pasted: count, count: apart })
})
function setList() {
  emit('list', 0, pasted.value)
  list.value = ''
  box.value?.hide()
}
const hasTexts = computed(() => props.texts.some((text) => text !== ''))
</script>

<template>
  <table class="ticks">
    <thead>
      <tr>
        <th scope="col">{{ words.value }}</th>
        <th scope="col">{{ words.label }}</th>
        <th scope="col">{{ words.ownText }}</th>
        <th scope="col">{{ words.readsAs }}</th>
        <th scope="col">{{ words.offBy }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.key" :class="{ flagged: flagged.has(row.at) }">
        <td>{{ row.value }}</td>
        <td class="label">{{ row.styled }}</td>
        <td>
          <InputText
            :model-value="row.text"
            :placeholder="row.styled"
            :aria-label="words.ownTextFor({ row: row.value })"
            maxlength="200"
            @paste="paste($event, row.at)"
            @update:model-value="emit('text', row.at, $event ?? '')"
          />
        </td>
        <td>{{ row.reads }}</td>
        <td>{{ row.off }}</td>
      </tr>
    </tbody>
  </table>
  <p class="acts">
    <QuietButton aria-haspopup="dialog" @click="box?.toggle($event)">
      {{ words.pasteList }}
    </QuietButton>
    <QuietButton v-if="hasTexts" @click="emit('clear')">
      {{ words.clearTexts }}
    </QuietButton>
  </p>
  <Popover ref="box" :aria-label="words.pasteListLabel">
    <form class="list" @submit.prevent="setList">
      <label for="tick-labels">{{ words.pasteHint }}</label>
      <Textarea id="tick-labels" v-model="list" v-focus rows="6" />
      <p class="soft" role="status">
        {{ pastedText }}
      </p>
      <Button size="small" type="submit" :label="words.apply" :disabled="pasted.length === 0" />
    </form>
  </Popover>
</template>

<style scoped>
.ticks {
  width: 100%;
  border-collapse: collapse;
}

th {
  padding: 2px var(--gap-2);
  border-bottom: 1px solid var(--rule);
  color: var(--ink-soft);
  font-weight: 400;
  font-size: var(--text-small);
  text-align: right;
}

td {
  padding: 1px var(--gap-2);
  border-bottom: 1px solid var(--rule-soft);
  text-align: right;
  white-space: nowrap;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-4);
}

.list {
  display: grid;
  gap: var(--gap-2);
  justify-items: start;
}

.label {
  font-weight: 600;
}

.flagged td {
  color: var(--rosewood);
}

input {
  width: clamp(5em, 8vw, 9em);
  padding: 1px 4px;
  border: 0;
  border-bottom: 1px dotted var(--ink-faint);
  border-radius: 0;
  background: transparent;
  box-shadow: none;
  color: var(--ink);
  font-size: inherit;
  text-align: right;
}

input::placeholder {
  color: transparent;
}

input:focus::placeholder {
  color: var(--ink-faint);
}
</style>
