<script setup lang="ts">
import { baseOf, rateConversion } from '~~/core/measures/rates'
import { rateLine, ratesIn } from '~~/shared/rates/text'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.rates.ratesDialog

/** The study's exchange rates, as text that is read while it is typed. */
const props = defineProps<{
  /** The currencies of the rows on the page. */ units: readonly string[]
}>()
const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const text = ref('')
watch(
  visible,
  (isOpen) => {
    if (isOpen) text.value = (study.document?.rates ?? []).map(rateLine).join('\n')
  },
  { immediate: true },
)
const read = computed(() => ratesIn(text.value))
const base = computed(() => baseOf(read.value.rates))
const lacking = computed(() =>
  props.units.filter(
    (unit) => base.value !== null && !rateConversion(read.value.rates, unit, base.value),
  ),
)

async function openFile(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  if (file) text.value = await file.text()
  input.value = ''
}
function save() {
  const { document } = study
  if (!document || read.value.troubles.length > 0) return
  const rates = [...read.value.rates]
  study.change(rates.length > 0 ? words.saved : words.removed, {
    ...document,
    rates: rates.length > 0 ? rates : undefined,
  })
  visible.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.title"
    :style="{ width: 'min(640px, 96vw)' }"
  >
    <form class="form" @submit.prevent="save">
      <p class="soft">{{ words.how }}</p>
      <Textarea
        v-model="text"
        rows="6"
        fluid
        auto-resize
        spellcheck="false"
        :placeholder="words.example"
        :aria-label="words.rates"
      />
      <p v-for="{ line, says } in read.troubles" :key="line" class="trouble" role="alert">
        {{ words.line({ line, problem: says }) }}
      </p>
      <template v-if="base !== null && units.length > 0">
        <p v-if="lacking.length > 0" class="trouble">
          {{ words.missing({ currencies: lacking.join(', '), base }) }}
        </p>
        <p v-else class="soft">{{ words.complete({ base }) }}</p>
      </template>
      <p class="acts">
        <Button
          size="small"
          type="submit"
          :label="words.save"
          :disabled="read.troubles.length > 0"
        />
        <label class="file quiet">
          {{ words.open }}
          <input type="file" accept=".csv,.tsv,.txt,text/csv" @change="openFile" />
        </label>
        <Button size="small" variant="text" :label="words.cancel" @click="visible = false" />
      </p>
    </form>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--gap-2);
}

.trouble {
  color: var(--rosewood);
}

.acts {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
}

.file {
  cursor: pointer;
}

.file input {
  position: absolute;
  opacity: 0;
  pointer-events: none;
}
</style>
