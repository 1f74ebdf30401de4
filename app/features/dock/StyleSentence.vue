<script setup lang="ts">
import type { FieldName } from '~~/core/style/fields'
import type { Level } from '~~/shared/quantities'
import type { Choice, SentencePhrase, Typed } from './choices'
import { type Origin, originWords } from '~/stores/levelWords'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.styleSentence

/** The style as a sentence whose phrases are the controls; one list serves them all. */
const props = defineProps<{
  subject: string
  phrases: readonly SentencePhrase[]
  choices: (field: FieldName) => Choice[]
  typed: (field: FieldName) => Typed | null
  /** Where each field's value comes from. */
  origin: (field: FieldName) => Origin
  /** The levels that what is set here can be given to, in words. */
  wider: readonly { level: Level; name: string }[]
}>()
const emit = defineEmits<{
  choose: [name: string, choice: Choice]
  open: [field: FieldName]
  takeBack: [field: FieldName]
  give: [field: FieldName, to: Level]
}>()

const list = useTemplateRef<{
  toggle(event: Event, target?: unknown): void
  show(event: Event, target?: unknown): void
  hide(): void
}>('list')
/** Phrases that say what nobody set wait until they are asked for. */
const everything = ref(false)
const shown = computed(() => props.phrases.filter(({ rare }) => everything.value || !rare))
const opened = shallowRef<{ field: FieldName; button: HTMLElement } | null>(null)
const phrase = computed(
  () => props.phrases.find(({ field }) => field === opened.value?.field) ?? null,
)
const options = computed(() => (phrase.value ? props.choices(phrase.value.field) : []))
const typing = computed(() => (phrase.value ? props.typed(phrase.value.field) : null))

/** The mark after a phrase stays on its line: a comma where the next one begins with it. */
function stopAfter(at: number): string {
  const next = shown.value[at + 1]
  if (!next) return ';'
  return next.lead.startsWith(',') ? ',' : ''
}

function open(event: Event, field: FieldName) {
  const button = event.currentTarget as HTMLElement
  if (opened.value?.field === field) return list.value?.hide()
  list.value?.hide()
  opened.value = { field, button }
  emit('open', field)
  nextTick(() => list.value?.show(event, button))
}
function focusList() {
  document.querySelector<HTMLElement>('.choices [role=listbox]')?.focus()
}
function close() {
  opened.value?.button.focus()
  opened.value = null
}
const spoken = ({ title, sample, refused }: Choice) =>
  `${title} ${refused || sample.replace(/\s+/g, ' ')}`

function take(choice: Choice) {
  if (phrase.value) emit('choose', phrase.value.name, choice)
  list.value?.hide()
}
function act(how: () => void) {
  how()
  list.value?.hide()
}
function choose(key: string | null) {
  const found = options.value.find((choice) => choice.key === key)
  if (found) take(found)
  else list.value?.hide()
}
</script>

<template>
  <p class="sentence still">
    {{ words.write }} <strong>{{ subject }}</strong>{{ ' ' }}<slot name="level" />
    <template v-for="(one, at) in shown" :key="one.field">
      <span class="lead">{{ ` ${one.lead.replace(/^,\s*/, '')} `.replace(/^\s+$/, ' ') }}</span>
      <span class="piece"
        ><PhraseButton
          :field="one.field"
          :name="one.name"
          :title="one.title"
          :open="opened?.field === one.field"
          :origin="origin(one.field)"
          @open="open"
        />{{ stopAfter(at) }}</span
      >
    </template>
    <slot />
    <button
      type="button"
      class="more"
      :aria-expanded="everything"
      @click="everything = !everything"
    >
      {{ everything ? words.less : words.more }}
    </button>
    <Popover
      ref="list"
      :aria-label="words.choices({ field: phrase?.name ?? '' })"
      @show="focusList"
      @hide="close"
    >
      <p v-if="phrase" class="from">
        <span>{{ originWords[origin(phrase.field)] }}</span>
        <template v-if="origin(phrase.field) === 'here'">
          <QuietButton @click="act(() => emit('takeBack', phrase!.field))">
            {{ words.clear }}
          </QuietButton>
          <QuietButton
            v-for="{ level, name } in wider"
            :key="level"
            @click="act(() => emit('give', phrase!.field, level))"
          >
            {{ words.moveTo({ level: name }) }}
          </QuietButton>
        </template>
      </p>
      <Listbox
        v-if="phrase"
        :model-value="phrase.key"
        :options="options"
        option-value="key"
        :option-label="spoken"
        option-disabled="refused"
        :aria-label="phrase.name"
        scroll-height="21rem"
        class="choices"
        @update:model-value="choose"
        @keydown.esc="list?.hide()"
      >
        <template #option="{ option }">
          <ChoiceOption :title="option.title" :sample="option.sample" :refused="option.refused" />
        </template>
      </Listbox>
      <TypedChoice
        v-if="phrase && typing"
        :key="phrase.field"
        :name="phrase.name"
        :typed="typing"
        @choose="take"
      />
    </Popover>
  </p>
</template>

<style scoped>
.lead {
  white-space: pre-wrap;
}

.piece {
  white-space: nowrap;
}

.more {
  margin-left: var(--gap-3);
  padding: 0 var(--gap-1);
  border: 0;
  background: none;
  color: var(--ink-soft);
  font-size: var(--text);
  cursor: pointer;
}

.more:hover {
  color: var(--jade);
  text-decoration: underline;
}

.from {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: baseline;
  padding: var(--gap-1) var(--gap-3);
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.choices {
  min-width: 23rem;
  border: 0;
  background: transparent;
}
</style>
