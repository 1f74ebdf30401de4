<script setup lang="ts">
import { type AskedOrder, isUnclear } from '~~/shared/import/dates'
import { type ImportedTable, readTable } from '~~/shared/import/table'
import { useStudy } from '~/stores/study'
import { importDialog as words } from './words'

const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const text = ref('')
const name = ref('')
const busy = ref(false)
const refused = ref('')

interface Preview {
  readonly table: ImportedTable | null
  readonly trouble: string
}
const preview = computed<Preview>(() => {
  if (text.value.trim() === '') return { table: null, trouble: '' }
  try {
    return { table: readTable(text.value), trouble: '' }
  } catch (error) {
    return { table: null, trouble: (error as Error).message }
  }
})
/** What was said of dates that can be read in two ways. */
const dates = ref<Record<string, AskedOrder>>({})
const ORDERS: { id: AskedOrder; title: string }[] = [
  { id: 'dmy', title: words.dayComesFirst },
  { id: 'mdy', title: words.monthComesFirst },
]
watch(text, () => (dates.value = {}))
const MOST_UNREAD = 8
/** Amber where some cells cannot be read. */
function beadOf({ kind, unread }: ImportedTable['columns'][number]) {
  if (kind === 'text') return ''
  return unread.length > 0 ? 'busy' : 'good'
}
const numbers = computed(
  () => preview.value.table?.columns.filter((column) => column.kind === 'number').length ?? 0,
)
const delimiters: Record<string, string> = {
  ',': 'commas',
  ';': 'semicolons',
  '\t': 'tabs',
  '|': 'bars',
}

async function read(file: File | undefined) {
  if (!file) return
  text.value = await file.text()
  name.value = file.name.replace(/\.(csv|tsv|txt)$/i, '')
}
const choose = (event: Event) => read((event.target as HTMLInputElement).files?.[0])
const drop = (event: DragEvent) => read(event.dataTransfer?.files[0])

async function bringIn() {
  busy.value = true
  refused.value = ''
  try {
    await study.bringIn(name.value.trim() || words.pastedTable, text.value, dates.value)
    visible.value = false
    text.value = ''
    name.value = ''
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
    :header="words.bringInData"
    :style="{ width: 'min(760px, 94vw)' }"
  >
    <div class="form" @dragover.prevent @drop.prevent="drop">
      <label for="import-text"
        >{{ words.pasteTableDropFile }}
        <span class="file"
          >{{ words.chooseOne
          }}<input
            type="file"
            accept=".csv,.tsv,.txt,text/csv"
            :aria-label="words.chooseFile"
            @change="choose" /></span
        >{{ words.commasSemicolonsAndTabs }}</label
      >
      <Textarea
        id="import-text"
        v-model="text"
        rows="7"
        spellcheck="false"
        placeholder="site,depth&#10;Farrow Ledge,0.125&#10;Holm Skerry,0.25"
        class="paste"
        autofocus
      />
      <label for="import-name" class="name"
        >{{ words.name }}
        <InputText id="import-name" v-model="name" size="small" :placeholder="words.pastedTable"
      /></label>
      <Message v-if="preview.trouble || refused" severity="error" :closable="false">{{
        preview.trouble || refused
      }}</Message>
      <template v-if="preview.table">
        <p class="soft">
          {{
            words.rowsPartedByColumns(
              preview.table.rowCount,
              delimiters[preview.table.delimiter] ?? preview.table.delimiter,
              numbers,
              preview.table.columns.length,
            )
          }}
        </p>
        <ul v-if="preview.table.notices.length > 0" class="notices">
          <li v-for="notice in preview.table.notices" :key="notice">{{ notice }}</li>
        </ul>
        <dl class="columns">
          <template v-for="column in preview.table.columns" :key="column.name">
            <dt><span class="bead" :class="beadOf(column)" /> {{ column.name }}</dt>
            <dd>
              <template v-if="isUnclear(column.reason)"
                >{{ words.dates }}
                <Select
                  v-model="dates[column.name]"
                  :options="ORDERS"
                  option-label="title"
                  option-value="id"
                  :placeholder="words.doesDayOrMonth"
                  :aria-label="words.orderDatesIn(column.name)"
                  class="in-text"
              /></template>
              <template v-else>{{ column.reason }}</template><template v-if="column.missing > 0">{{
                words.missing(column.missing)
              }}</template>
              <ul v-if="column.unread.length > 0" class="unread">
                <li v-for="cell in column.unread.slice(0, MOST_UNREAD)" :key="cell.row">
                  {{ words.rowKeptAsMissing(cell.row, cell.text) }}
                </li>
                <li v-if="column.unread.length > MOST_UNREAD">
                  {{ words.andMore(column.unread.length - MOST_UNREAD) }}
                </li>
              </ul>
            </dd>
          </template>
        </dl>
      </template>
    </div>
    <template #footer>
      <span v-if="preview.table && numbers === 0" class="soft">{{
        words.noColumnHoldsNumbers
      }}</span>
      <Button :label="words.cancel" severity="secondary" variant="text" @click="visible = false" />
      <Button
        :label="words.bringIn"
        :disabled="!preview.table || numbers === 0"
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
  max-height: 220px;
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

.notices {
  color: var(--ink-soft);
}

.unread {
  color: var(--rosewood);
}
</style>
