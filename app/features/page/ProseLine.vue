<script setup lang="ts">
import { NOTHING } from '~~/core/text/functions'
import { sayMessage } from '~~/core/text/message'
import type { MessageView } from './messageView'
import { vFocus } from '~/controls/vFocus'
import { vLabel } from '~/controls/vLabel'
import { areSureToFit } from './width'
import { type MessageId, piecesFor, surfaceOf } from '~~/shared/page/messages'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.proseLine

/** A headline, sentence or callout as a reader sees it; written anew in its place. */
const props = defineProps<{
  id: MessageId
  view: MessageView
  flagged: boolean
  fontSize: number
  /** The room that it has, where its height is not told by how it wraps. */
  width?: number
}>()
const study = useStudy()
const isOpen = ref(false)
const text = ref('')
const field = useTemplateRef<HTMLTextAreaElement>('field')
const problems = structuralComputed(() => props.view.said.value.problems)

/** The type of each message: its size as a multiple of the labels' size, and its weight. */
const TYPE = {
  headline: { times: 1.75, weight: '600' },
  sentence: { times: 1.3, weight: '400' },
  callout: { times: 1, weight: '400' },
} as const satisfies Record<MessageId, object>
const size = computed(() => Math.round(props.fontSize * TYPE[props.id].times))
/** The room of the button that offers to write it, in pixels. */
const OFFER = 48
const isOneLine = computed(
  () =>
    props.width !== undefined &&
    !isOpen.value &&
    problems.value.length === 0 &&
    areSureToFit([props.view.said.value.text], {
      size: size.value,
      weight: TYPE[props.id].weight,
      beside: OFFER,
      room: props.width,
    }),
)

function open() {
  text.value = props.view.source.value
  isOpen.value = true
}
/** Every keystroke is written on the page; what is broken is told beside it. */
function write(next: string | undefined) {
  study.changeQuantity(
    next === undefined ? words.clear({ part: props.id }) : words.write({ part: props.id }),
    (one) => {
      const { [props.id]: _, ...others } = one.texts ?? {}
      const texts = next === undefined ? others : { ...others, [props.id]: next }
      return { ...one, texts: Object.keys(texts).length > 0 ? texts : undefined }
    },
    true,
  )
}
watch(text, (next) => {
  if (isOpen.value && next !== props.view.source.value) write(next)
})
function letProgram() {
  write(undefined)
  isOpen.value = false
}

interface Piece {
  readonly text: string
  readonly says: string
}
/**
 * What can be put in, each with what it would say now; what speaks of a column that is not fetched
 * yet says nothing so far.
 */
const pieces = computed<Piece[]>(() =>
  (isOpen.value
    ? piecesFor(study.quantity?.column ?? '', study.dataset?.columns ?? [], props.id)
    : []
  ).map((source) => {
    const said = sayMessage(source, props.view.prose.value)
    return {
      text: source,
      says: said.problems.length === 0 && said.text !== NOTHING ? said.text : '',
    }
  }),
)
/** What is typed after the last open brace narrows the list. */
const begun = computed(
  () => /\{([^{}]*)$/.exec(text.value.slice(0, caret.value))?.[1]?.toLowerCase() ?? '',
)
const caret = ref(0)
/** Of what can be put in, so many are shown at once; typing narrows them. */
const MOST_SHOWN = 14
const fitting = computed(() =>
  pieces.value
    .filter((piece) => piece.text.toLowerCase().includes(begun.value.trim()))
    .slice(0, MOST_SHOWN),
)
const note = () => (caret.value = field.value?.selectionStart ?? 0)
async function insert(piece: Piece) {
  const at = field.value?.selectionStart ?? text.value.length
  const before = text.value.slice(0, at).replace(/\{[^{}]*$/, '')
  text.value = before + piece.text + text.value.slice(at)
  await nextTick()
  field.value?.focus()
  field.value?.setSelectionRange(
    before.length + piece.text.length,
    before.length + piece.text.length,
  )
  note()
}
</script>

<template>
  <div
    class="prose"
    :class="[`of-${id}`, { single: isOneLine }]"
    :style="{ fontSize: `${size}px` }"
  >
    <p class="line" :data-picture="id === 'callout' ? undefined : 'words'">
      <span
        v-label="() => view.said.value.text || '…'"
        :data-surface="surfaceOf(id)"
        :data-at="id === 'callout' ? undefined : 0"
        :class="{ flagged }"
      />
      <QuietButton v-if="!isOpen" :aria-label="words.write({ part: id })" @click="open">
        {{ words.edit }}
      </QuietButton>
    </p>
    <div v-if="isOpen" class="editor" dir="ltr">
      <textarea
        ref="field"
        v-model="text"
        v-focus
        dir="auto"
        rows="2"
        spellcheck="false"
        :aria-label="words.textOf({ part: id })"
        @keyup="note"
        @click="note"
        @input="note"
        @keydown.esc="isOpen = false"
      />
      <p v-for="problem in problems" :key="problem.message" class="trouble" role="alert">
        {{ problem.message }}
      </p>
      <div class="pieces" :aria-label="words.insert">
        <button
          v-for="piece in fitting"
          :key="piece.text"
          type="button"
          class="piece"
          @click="insert(piece)"
        >
          <code>{{ piece.text }}</code> {{ piece.says }}
        </button>
      </div>
      <p class="acts">
        <QuietButton @click="letProgram">{{ words.automatic }}</QuietButton>{{ ' ' }}
        <QuietButton @click="isOpen = false">{{ words.done }}</QuietButton>
      </p>
    </div>
    <p v-else-if="problems.length > 0" class="trouble">{{ problems[0]!.message }}</p>
  </div>
</template>

<style scoped>
/* Words in another language than the page's are read as that is, from the page's side. */
.line {
  overflow-wrap: anywhere;
  unicode-bidi: plaintext;
}

[dir='rtl'] .line {
  text-align: right;
}

.line .quiet {
  margin-inline-start: var(--gap-2);
  opacity: 0.35;
}

.prose:hover .quiet,
.line .quiet:focus-visible {
  opacity: 1;
}

.of-headline {
  font-weight: 600;
  line-height: 1.15;
}

.editor {
  display: grid;
  font-weight: 400;
  font-size: var(--text);
  line-height: 1.45;
  gap: var(--gap-1);
  padding: var(--gap-2) 0;
}

textarea {
  width: 100%;
  padding: var(--gap-1) var(--gap-2);
  border: 1px solid var(--rule);
  border-radius: 3px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
  resize: vertical;
}

.pieces {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
}

.piece {
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink-soft);
  font-size: var(--text-small);
  cursor: pointer;
}

.piece code {
  color: var(--jade);
  font: inherit;
}

.piece:hover code {
  text-decoration: underline;
}

.acts {
  display: flex;
  gap: var(--gap-3);
}

.trouble {
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
