<script setup lang="ts">
import { SURFACES } from '~~/core/surfaces'
import { decimal, toText } from '~~/core/decimal/decimal'
import { plainly } from '~~/core/decimal/plainly'
import type { Export, ExportFile } from '~~/shared/exports/export'
import { LONGEST_LACKING, ROWS_TAKEN, type RowsTaken, USUAL_WISHES } from '~~/shared/exports/wishes'
import { isPart, type Level } from '~~/shared/quantities'
import { unitColumn } from '~~/core/style/dependencies'
import { download } from '~/composables/download'
import { noteTaken } from '~/composables/taken'
import type { Page } from '~/features/page/usePage'
import { takenForms } from './takeAway'
import { levelWords } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.exporting.exportDialog

const visible = defineModel<boolean>('visible', { required: true })
const props = defineProps<{ page: Page }>()
const study = useStudy()
const levels = useLevels()
const made = shallowRef<Export | null>(null)
const trouble = ref('')
const copied = ref(false)

/** What is taken away, and in which form. */
const level = ref<Level>('quantity')
const as = ref(takenForms[0]!.id)
const form = computed(() => takenForms.find(({ id }) => id === as.value)!)
const choices = computed(() =>
  (['quantity', ...SURFACES] as const).map((id) => ({ id, title: levelWords[id] })),
)
/** Asked for anew whenever the dialog opens. */
const forms = computed(() =>
  visible.value ? takenForms.filter((one) => one.isOffered?.() ?? true) : [],
)
/** What is taken away of the level in hand: a part goes with its marks. */
function takenLevel(inHand: Level): Level {
  if (inHand === 'house') return 'quantity'
  return isPart(inHand) ? 'marks' : inHand
}
watch(
  visible,
  (now) => {
    if (now) level.value = takenLevel(levels.level)
  },
  { immediate: true },
)
const rows = ref<RowsTaken>(USUAL_WISHES.rows)
const rowChoices = ROWS_TAKEN.map((id) => ({ id, title: words.takenRows[id] }))
const isFiltered = computed(
  () => form.value.takesRows === true && study.quantity?.filter !== undefined,
)
/** What stands in the place of a unit that no row names, once it is typed; null is an error. */
const lacking = ref<string | null>(null)
const lackingChoices = (['error', 'text'] as const).map((id) => ({
  id,
  title: words.missingUnitIs[id],
}))
const lackingAs = computed({
  get: () => (lacking.value === null ? 'error' : 'text'),
  set: (way) => (lacking.value = way === 'text' ? words.missingUnitDefault : null),
})
const goesByUnit = computed(
  () =>
    form.value.isCode === true &&
    SURFACES.some((surface) => unitColumn(props.page[`style.${surface}`].value) !== null),
)
watch(
  [visible, level, as, rows, lacking],
  async ([now, atLevel, id, ofRows, without]) => {
    const { quantity, document } = study
    if (!now || !quantity || !document) return
    made.value = null
    trouble.value = ''
    copied.value = false
    const isCurrent = () =>
      visible.value &&
      level.value === atLevel &&
      as.value === id &&
      rows.value === ofRows &&
      lacking.value === without
    try {
      await study.flush()
      const wishes = { rows: ofRows, lacking: without }
      const of = { id: study.id, name: document.name }
      const taking = { study: of, quantity, level: atLevel, wishes }
      const found = await form.value.make(taking, props.page)
      if (isCurrent()) made.value = found
    } catch (error) {
      if (isCurrent()) trouble.value = (error as Error).message
    }
  },
  { immediate: true },
)

/** What a preview shows of a long file. */
const [MOST_LINES, MOST_CHARACTERS] = [200, 12_000]
const first = computed(() => made.value?.files[0])
/** The largest number with its label, to show how what is taken away is used. */
const example = computed(() => {
  const largest = props.page.drawing.value?.groups[0]
  const value = largest ? toText(largest.value) : '0'
  const of = level.value
  const surface = of === 'quantity' || of === 'house' || isPart(of) ? 'marks' : of
  return { value, label: props.page[`written.${surface}`].value.writer.label(value) }
})
const preview = computed(() => {
  if (!first.value) return ''
  const { name, text } = first.value
  const { shown } = made.value!
  if (shown !== undefined) return shown
  return (
    form.value.usage?.(name, example.value) ??
    text.slice(0, MOST_CHARACTERS).split('\n').slice(0, MOST_LINES).join('\n')
  )
})
/** Characters of base64 that stand for three bytes each. */
const size = ({ text, encoding }: ExportFile) =>
  `${Math.ceil((text.length * (encoding ? 0.75 : 1)) / 1024)} KB`
const proof = computed(() => {
  const { how, ...counts } = made.value!.proof
  const [values, equal] = [counts.values, counts.equal].map((one) => plainly(decimal(one)))
  return equal === values
    ? words.allVerified({ how, values: values! })
    : words.someVerified({ how, equal: equal!, values: values! })
})
async function copy() {
  try {
    await navigator.clipboard.writeText(made.value!.shown ?? first.value!.text)
    copied.value = true
    void noteTaken(study.id, study.revision)
  } catch {
    trouble.value = words.copyRefused
  }
}
function take(file: ExportFile) {
  download(file)
  void noteTaken(study.id, study.revision)
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="
      words.title({
        quantity: (form.isOfStudy ? study.document?.name : study.quantity?.title) ?? '',
      })
    "
    :style="{ width: 'min(760px, 94vw)' }"
  >
    <p class="which">
      {{ words.formatLabel }}
      <Select
        v-model="as"
        :options="forms"
        option-label="title"
        option-value="id"
        :aria-label="words.format"
        class="in-text"
        scroll-height="26rem"
      /><template v-if="form.isOfLevel"
        >{{ words.from }}
        <Select
          v-model="level"
          :options="choices"
          option-label="title"
          option-value="id"
          :aria-label="words.surface"
          class="in-text"
      /></template>
    </p>
    <p v-if="isFiltered" class="which">
      {{ words.of }}
      <Select
        v-model="rows"
        :options="rowChoices"
        option-label="title"
        option-value="id"
        :aria-label="words.rows"
        class="in-text"
      />
    </p>
    <p v-if="goesByUnit" class="which">
      {{ words.missingUnit }}
      <Select
        v-model="lackingAs"
        :options="lackingChoices"
        option-label="title"
        option-value="id"
        :aria-label="words.missingUnit"
        class="in-text"
      />
      <InputText
        v-if="lacking !== null"
        v-model.lazy.trim="lacking"
        :maxlength="LONGEST_LACKING"
        :aria-label="words.missingUnitText"
      />
    </p>
    <p class="soft">{{ form.says }}</p>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-else-if="!made" role="status">{{ words.verifying }}</p>
    <div v-else class="made">
      <p class="proof">
        <span class="bead" :class="made.proof.equal === made.proof.values ? 'good' : 'busy'" />
        {{ proof }}
      </p>
      <StandingFindings v-if="made.findings?.length" :findings="made.findings" />
      <table v-if="made.proof.differs.length > 0">
        <thead>
          <tr>
            <th scope="col">{{ words.value }}</th>
            <th scope="col">{{ words.onDesk }}</th>
            <th scope="col">{{ words.inFile }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in made.proof.differs" :key="one.value">
            <td>{{ one.value }}</td>
            <td>{{ one.label }}</td>
            <td>{{ one.other }}</td>
          </tr>
        </tbody>
      </table>
      <pre tabindex="0" :aria-label="words.preview">{{ preview }}</pre>
      <p v-for="note in made.notes" :key="note" class="note">{{ note }}</p>
    </div>
    <template #footer>
      <Button
        :label="copied ? words.copied : words.copy"
        :disabled="!made"
        severity="secondary"
        variant="outlined"
        @click="copy"
      />
      <Button
        v-for="file in made?.files.slice(1)"
        :key="file.name"
        :label="words.download({ name: file.name })"
        variant="outlined"
        @click="take(file)"
      />
      <Button
        v-if="first"
        :label="words.download({ name: first.name })"
        :title="size(first)"
        @click="take(first)"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.which {
  margin-bottom: var(--gap-2);
}

.made {
  display: grid;
  gap: var(--gap-3);
  margin-top: var(--gap-3);
}

.proof {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  font-weight: 600;
}

.note {
  margin: 0;
}

table {
  width: max-content;
  max-width: 100%;
}

th,
td {
  padding: 2px var(--gap-5) 2px 0;
  text-align: end;
}

pre {
  max-height: 36vh;
  margin: 0;
  padding: var(--gap-3);
  background: var(--paper);
  border-radius: 4px;
  overflow: auto;
}
</style>
