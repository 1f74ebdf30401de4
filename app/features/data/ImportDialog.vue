<script setup lang="ts">
import type { AskedOrder } from '~~/shared/import/dates'
import type { DecimalMark } from '~~/shared/import/cells'
import type { TwoPlaces } from '~~/shared/import/durations'
import type { Role } from '~~/core/data/roles'
import { FILE_ENDINGS } from '~~/shared/import/endings'
import { useStudy } from '~/stores/study'
import ColumnReport from './ColumnReport.vue'
import type { ColumnPreview } from './preview'
import { tableSummary } from './tableSummary'
import { useBringing } from './useBringing'
import { useReading } from './useReading'
import { useTableFile } from './useTableFile'
import { words as catalogue } from '~~/words'

const words = catalogue.data.importDialog

const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const file = useTableFile()
const {
  text,
  head,
  styles,
  name,
  parts,
  part,
  trouble: refused,
  busy,
  cancelReading,
  readPart,
  readFrom,
  paste,
} = file
/** Whether the table joins the study that is open; one without data waits for it. */
const joins = ref(false)
watch(
  visible,
  (isOpen) => {
    if (isOpen) joins.value = study.document?.quantities.length === 0
  },
  { immediate: true },
)

/** What was said of columns, by their names. */
interface Answers {
  readonly dates: Record<string, AskedOrder>
  readonly roles: Record<string, Role>
  readonly marks: Record<string, DecimalMark>
  readonly durations: Record<string, TwoPlaces>
}
const noAnswers = (): Answers => ({ dates: {}, roles: {}, marks: {}, durations: {} })
const answers = ref(noAnswers())
/** A copy, which can be sent. */
const said = computed(() => ({
  ...(JSON.parse(JSON.stringify(answers.value)) as Answers),
  ...(styles.value ? { styles: styles.value } : {}),
}))
watch(text, () => (answers.value = noAnswers()))

const { table, trouble, done: partRead } = useReading(text, said)
const bringing = useBringing()
const partBrought = bringing.done
/** Amber where some cells cannot be read, or something is asked. */
function beadOf({ kind, unread, asks = [] }: ColumnPreview) {
  if (unread.length > 0 || asks.length > 0) return 'busy'
  return kind === 'text' ? '' : 'good'
}
const numbers = computed(
  () => table.value?.columns.filter((column) => column.kind === 'number').length ?? 0,
)
const choose = (event: Event) => readFrom((event.target as HTMLInputElement).files?.[0])
const drop = (event: DragEvent) => readFrom(event.dataTransfer?.files[0])

/** Ends what is under way; where nothing is, the dialog. */
const leave = () =>
  partBrought.value === null ? void (visible.value = false) : void bringing.cancel()

async function bringIn() {
  busy.value = true
  refused.value = ''
  const called = name.value.trim() || words.pastedTable
  try {
    const id = await bringing.bring(async (key) => {
      const sent = { text: text.value, ...said.value, key }
      return joins.value ? study.bringIn(called, sent) : study.bringInAlone(called, sent)
    })
    if (id) await navigateTo(`/study/${id}`)
    visible.value = false
    file.clear()
  } catch (error) {
    refused.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.title"
    :style="{ width: 'min(760px, 94vw)' }"
  >
    <div class="form" @dragover.prevent @drop.prevent="drop">
      <label for="import-text"
        >{{ words.paste }}
        <span class="file"
          >{{ words.choose
          }}<input
            type="file"
            :accept="FILE_ENDINGS.join(',')"
            :aria-label="words.chooseFile"
            @change="choose" /></span
        >{{ words.formats }}</label
      >
      <Textarea
        id="import-text"
        :model-value="head ?? text"
        :readonly="head !== null"
        rows="7"
        spellcheck="false"
        placeholder="site,depth&#10;Farrow Ledge,0.125&#10;Holm Skerry,0.25"
        class="paste"
        autofocus
        @update:model-value="text = $event ?? ''"
        @paste="paste"
      />
      <label v-if="parts.length > 0" class="name"
        >{{ words.table }}
        <Select
          :model-value="part"
          :options="parts.map((label, value) => ({ label, value }))"
          option-label="label"
          option-value="value"
          size="small"
          @update:model-value="readPart($event)"
      /></label>
      <label for="import-name" class="name"
        >{{ words.name }}
        <InputText id="import-name" v-model="name" size="small" :placeholder="words.pastedTable"
      /></label>
      <p v-if="head !== null" class="soft">
        {{ words.firstLines({ length: text.length }) }}
      </p>
      <p v-if="cancelReading || partRead !== null" class="soft">
        {{ words.reading }}
        <progress v-if="partRead !== null" :value="partRead" :aria-label="words.reading" />{{ ' ' }}
        <QuietButton @click="(cancelReading ?? file.clear)()">{{
          words.cancelReading
        }}</QuietButton>
      </p>
      <Message v-if="trouble || refused" severity="error" :closable="false">{{
        trouble || refused
      }}</Message>
      <template v-if="table">
        <p class="soft">
          {{ tableSummary(table, numbers) }}
        </p>
        <ul v-if="table.notices.length > 0" class="notices">
          <li v-for="notice in table.notices" :key="notice">{{ notice }}</li>
        </ul>
        <dl class="columns">
          <template v-for="column in table.columns" :key="column.name">
            <dt><span class="bead" :class="beadOf(column)" /> {{ column.name }}</dt>
            <dd>
              <ColumnReport
                v-model:role="answers.roles[column.name]"
                v-model:date="answers.dates[column.name]"
                v-model:mark="answers.marks[column.name]"
                v-model:duration="answers.durations[column.name]"
                :column
              />
            </dd>
          </template>
        </dl>
      </template>
    </div>
    <template #footer>
      <span v-if="table && numbers === 0" class="soft">{{ words.noNumbers }}</span>
      <span v-if="partBrought !== null" class="soft under-way">
        {{ words.importing }} <progress :value="partBrought" :aria-label="words.importing" />
      </span>
      <fieldset v-else class="where">
        <legend class="unseen">{{ words.where }}</legend>
        <label><input v-model="joins" type="radio" :value="false" />{{ words.asNewStudy }}</label>
        <label
          ><input v-model="joins" type="radio" :value="true" :disabled="!study.document" />{{
            words.intoThisOne
          }}</label
        >
      </fieldset>
      <Button :label="words.cancel" severity="secondary" variant="text" @click="leave" />
      <Button
        :label="words.import"
        :disabled="!table || numbers === 0"
        :loading="busy"
        @click="bringIn"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--gap-3);
}

.paste {
  width: 100%;
  font-size: 13px;
  line-height: 1.4;
}

.name {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
}

.file {
  position: relative;
  color: var(--jade);
  text-decoration: underline;
  cursor: pointer;
}

.file input {
  position: absolute;
  inset: 0;
  width: 100%;
  opacity: 0;
  cursor: pointer;
}

.file:focus-within {
  outline: 2px solid var(--jade);
}

.columns {
  display: grid;
  grid-template-columns: minmax(120px, auto) 1fr;
  gap: var(--gap-1) var(--gap-4);
  margin: 0;
  max-height: 260px;
  overflow: auto;
}

dt {
  font-weight: 600;
}

dt .bead {
  margin-right: var(--gap-1);
}

dd {
  margin: 0;
}

ul {
  margin: 0;
  padding-left: var(--gap-4);
}

.where {
  display: flex;
  gap: var(--gap-3);
  align-items: center;
  margin: 0 auto 0 0;
  padding: 0;
  border: 0;
}

progress {
  width: 160px;
  height: 8px;
  accent-color: var(--jade);
}

.under-way {
  margin-right: auto;
}

.where label {
  display: flex;
  gap: var(--gap-1);
  align-items: center;
}

.notices {
  color: var(--ink-soft);
}
</style>
