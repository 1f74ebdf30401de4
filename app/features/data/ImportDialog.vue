<script setup lang="ts">
import type { AskedOrder } from '~~/shared/import/dates'
import type { DecimalMark } from '~~/shared/import/cells'
import type { ImportedColumn } from '~~/shared/import/types'
import type { Role } from '~~/core/data/roles'
import { FILE_ENDINGS } from '~~/shared/import/endings'
import { type ImportedTable, readTable } from '~~/shared/import/table'
import { useStudy } from '~/stores/study'
import ColumnReport from './ColumnReport.vue'
import { useTableFile } from './useTableFile'
import { importDialog as words } from './words'

const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const file = useTableFile()
const { text, name, parts, part, trouble: refused, busy, readPart, readFrom, paste } = file
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
const dates = ref<Record<string, AskedOrder>>({})
const roles = ref<Record<string, Role>>({})
const marks = ref<Record<string, DecimalMark>>({})
const said = computed(() => ({ dates: dates.value, roles: roles.value, marks: marks.value }))
watch(text, () => {
  dates.value = {}
  roles.value = {}
  marks.value = {}
})

interface Preview {
  readonly table: ImportedTable | null
  readonly trouble: string
}
const preview = computed<Preview>(() => {
  if (text.value.trim() === '') return { table: null, trouble: '' }
  try {
    return { table: readTable(text.value, said.value), trouble: '' }
  } catch (error) {
    return { table: null, trouble: (error as Error).message }
  }
})
/** Amber where some cells cannot be read, or something is asked. */
function beadOf({ kind, unread, asks = [] }: ImportedColumn) {
  if (unread.length > 0 || asks.length > 0) return 'busy'
  return kind === 'text' ? '' : 'good'
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

const choose = (event: Event) => readFrom((event.target as HTMLInputElement).files?.[0])
const drop = (event: DragEvent) => readFrom(event.dataTransfer?.files[0])

async function bringIn() {
  busy.value = true
  refused.value = ''
  const called = name.value.trim() || words.pastedTable
  try {
    if (joins.value) await study.bringIn(called, text.value, said.value)
    else await navigateTo(`/study/${await study.bringInAlone(called, text.value, said.value)}`)
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
            :accept="FILE_ENDINGS.join(',')"
            :aria-label="words.chooseFile"
            @change="choose" /></span
        >{{ words.formsOfFiles }}</label
      >
      <Textarea
        id="import-text"
        v-model="text"
        rows="7"
        spellcheck="false"
        placeholder="site,depth&#10;Farrow Ledge,0.125&#10;Holm Skerry,0.25"
        class="paste"
        autofocus
        @paste="paste"
      />
      <label v-if="parts.length > 0" class="name"
        >{{ words.part }}
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
              <ColumnReport
                v-model:role="roles[column.name]"
                v-model:date="dates[column.name]"
                v-model:mark="marks[column.name]"
                :column
              />
            </dd>
          </template>
        </dl>
      </template>
    </div>
    <template #footer>
      <span v-if="preview.table && numbers === 0" class="soft">{{
        words.noColumnHoldsNumbers
      }}</span>
      <fieldset class="where">
        <legend class="unseen">{{ words.where }}</legend>
        <label><input v-model="joins" type="radio" :value="false" />{{ words.asNewStudy }}</label>
        <label><input v-model="joins" type="radio" :value="true" />{{ words.intoThisOne }}</label>
      </fieldset>
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

.where label {
  display: flex;
  gap: var(--gap-1);
  align-items: center;
}

.notices {
  color: var(--ink-soft);
}
</style>
