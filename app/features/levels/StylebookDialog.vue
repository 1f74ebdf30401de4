<script setup lang="ts">
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import { whereResolved } from '~~/core/error'
import { FIELD_NAMES, type FieldName, type Style } from '~~/core/style/fields'
import { inherit } from '~~/core/style/inherit'
import { isPart } from '~~/shared/quantities'
import { placeOf } from '~~/shared/stylebook'
import type { BookEntry } from '~~/shared/study/linked'
import type { Desk } from '~/features/dock/choices'
import { levelWords } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { useStylebook } from '~/stores/stylebook'
import { usePasted } from './usePasted'
import { useUpdateLabels } from './useUpdateLabels'
import { words as catalogue } from '~~/words'

const words = catalogue.levels.stylebookDialog

/** Styles that have a name outside studies: taken, entered, brought up to date, pasted. */
const props = defineProps<{ desk: () => Desk }>()
const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const levels = useLevels()
const stylebook = useStylebook()

const where = computed(() => levelWords[levels.level])
/** Parts of marks take nothing from the stylebook. */
const place = computed(() =>
  study.quantity && !isPart(levels.level) ? placeOf(study.quantity.id, levels.level) : null,
)
const sampleOf = (style: Style): string => {
  const { samples, context } = props.desk()
  const labels = whereResolved(() => labeller(resolve(inherit(style), context)).labels(samples))
  return labels?.join('   ') ?? ''
}
const take = (entry: BookEntry) => place.value && stylebook.take(place.value, entry, where.value)
const isTaken = ({ name }: BookEntry) => levels.taken?.name === name

const updates = useUpdateLabels(() => stylebook.updates)
const takeNew = ({ update, where: at }: (typeof updates.value)[number]) =>
  stylebook.take(update.place, update.entry, at)
async function takeAllNew() {
  for (const one of updates.value) await takeNew(one)
}

const name = ref('')
const said = ref('')
/** All that anybody set of what the level writes by. */
const wholeStyle = (): Style =>
  Object.fromEntries(
    FIELD_NAMES.filter((field) => levels.originOfField(field)).map((field) => [
      field,
      levels.style[field],
    ]),
  )
/** Once its style is entered, the level takes it from there and has nothing of its own. */
async function enter() {
  const entry = await stylebook.enter(name.value.trim(), wholeStyle())
  if (!entry) return
  said.value = words.saved({ name: entry.name, version: entry.version })
  await take(entry)
  levels.takeBack(Object.keys(levels.own) as FieldName[])
  name.value = ''
}
const { text, read } = usePasted()
const setPasted = () =>
  read.value.style && levels.setStyle(words.pasted({ where: where.value }), read.value.style)
const removing = ref<string | null>(null)
async function remove(one: string) {
  await stylebook.remove(one)
  removing.value = null
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.title"
    :style="{ width: 'min(860px, 96vw)' }"
  >
    <p class="soft small">
      {{
        stylebook.book.folder === null
          ? words.withStudies
          : words.inFolder({ folder: stylebook.book.folder })
      }}
    </p>
    <p v-if="stylebook.trouble" class="trouble" role="alert">{{ stylebook.trouble }}</p>
    <p
      v-for="{ file, message } in stylebook.book.troubles"
      :key="file"
      class="trouble"
      role="alert"
    >
      {{ words.notAStyle({ file, problem: message }) }}
    </p>

    <section v-if="updates.length > 0" :aria-label="words.changed">
      <h2>
        {{ words.changed }}
        <QuietButton v-if="updates.length > 1" @click="takeAllNew">{{
          words.updateAll
        }}</QuietButton>
      </h2>
      <article v-for="one in updates" :key="one.where" class="update">
        <p>
          <b>{{ one.where }}</b>:
          {{ words.version({ name: one.update.place.name, version: one.update.place.version }) }},
          {{ words.newVersion({ version: one.update.entry.version }) }}
        </p>
        <dl>
          <dt>{{ words.before }}</dt>
          <dd>{{ one.before.join('   ') }}</dd>
          <dt>{{ words.after }}</dt>
          <dd>{{ one.after.join('   ') }}</dd>
        </dl>
        <Button size="small" variant="outlined" :label="words.update" @click="takeNew(one)" />
      </article>
    </section>

    <section :aria-label="words.styles">
      <p v-if="stylebook.book.entries.length === 0" class="soft">{{ words.none }}</p>
      <template v-else>
        <p v-if="place" class="soft">{{ words.uses({ where }) }}</p>
        <div v-for="entry in stylebook.book.entries" :key="entry.name" class="entry">
          <b>{{ words.version({ name: entry.name, version: entry.version }) }}</b>
          <span class="sample">{{ sampleOf(entry.style) }}</span>
          <template v-if="removing === entry.name">
            <span>{{ words.confirmRemove({ name: entry.name }) }}</span>
            <QuietButton @click="remove(entry.name)">{{ words.remove }}</QuietButton>
            <QuietButton @click="removing = null">{{ words.keep }}</QuietButton>
          </template>
          <template v-else>
            <QuietButton v-if="place && isTaken(entry)" @click="stylebook.letGo(place, where)">
              {{ words.stopUsing }}
            </QuietButton>
            <QuietButton v-else-if="place" @click="take(entry)">{{ words.use }}</QuietButton>
            <QuietButton
              :aria-label="words.removeStyle({ name: entry.name })"
              @click="removing = entry.name"
            >
              {{ words.remove }}
            </QuietButton>
          </template>
        </div>
      </template>
    </section>

    <form v-if="place" class="line" @submit.prevent="enter">
      <label for="book-name">{{ words.saveAs({ where }) }}</label>
      <InputText id="book-name" v-model="name" size="small" maxlength="80" />
      <Button size="small" type="submit" :label="words.save" :disabled="name.trim() === ''" />
      <span role="status" class="soft">{{ said }}</span>
    </form>

    <section class="paste">
      <label for="book-paste">{{ words.paste }}</label>
      <Textarea
        id="book-paste"
        v-model="text"
        rows="3"
        fluid
        :placeholder="words.pasteHint"
        :invalid="read.trouble !== ''"
      />
      <p v-if="read.trouble" class="trouble" role="alert">{{ read.trouble }}</p>
      <p v-else-if="read.style" class="line">
        <span class="sample">{{ sampleOf({ ...levels.style, ...read.style }) }}</span>
        <Button
          size="small"
          variant="outlined"
          :label="words.apply({ where })"
          @click="setPasted"
        />
      </p>
    </section>
  </Dialog>
</template>

<style scoped>
section,
.line {
  margin-top: var(--gap-4);
}

h2 {
  margin-bottom: var(--gap-2);
  font-weight: 600;
}

.update {
  margin-bottom: var(--gap-3);
  padding-left: var(--gap-3);
  border-left: 2px solid var(--amber);
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 0 var(--gap-3);
  margin: var(--gap-1) 0;
}

dt {
  color: var(--ink-soft);
}

dd {
  margin: 0;
}

dd,
.sample {
  white-space: pre-wrap;
}

.entry {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--gap-4);
  align-items: baseline;
  padding: var(--gap-1) 0;
  border-bottom: 1px solid var(--rule-soft);
}

.entry .sample {
  flex: 1;
  color: var(--ink-soft);
}

.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-2) var(--gap-3);
  align-items: center;
}

.paste .line {
  margin-top: var(--gap-2);
}

.trouble {
  color: var(--rosewood);
  overflow-wrap: anywhere;
}
</style>
