<script setup lang="ts">
import type { Subject } from '~~/core/checks/types'
import type { Style } from '~~/core/style/fields'
import { FORMS, type Form } from '~~/core/suggest/candidates'
import { suggest, type Suggestion } from '~~/core/suggest/suggest'
import { isAgainst } from '~~/core/ticks/reasons'
import { suggestionReasonText } from '~~/words/suggestionReason'
import { regionOptions } from '~/features/regions/regionNames'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.suggestList

/**
 * Ways to write some numbers, the best first: none with an error, for whom and in how much room is
 * chosen above them.
 */
const props = defineProps<{
  /** What is to be written; its style is what all ways have in common. */
  subject: () => Subject
  where: string
  /** The same numbers as they are written already: what would write them so is not suggested. */
  standing?: () => readonly (readonly string[])[]
}>()
const emit = defineEmits<{ take: [style: Style, labels: readonly string[]] }>()
const study = useStudy()
const regions = useLocaleTables()

const MOST_SHOWN = 3
const ROOM_SIZE = 13
const formNames: Record<Form, string> = {
  digits: words.digits,
  symbols: words.symbols,
  words: words.words,
  exponents: words.powers,
}
const forms = [
  { id: null as Form | null, title: words.best },
  ...FORMS.map((id) => ({ id: id as Form | null, title: formNames[id] })),
]
const form = ref<Form | null>(null)
const width = ref<string>()
const locale = ref<string | null>(null)
const localeOptions = computed(() => [
  { id: null as string | null, title: words.ownRegion },
  ...regionOptions(study.readers),
])
const trouble = ref('')
const found = shallowRef<Suggestion[]>([])
/** Whether there are ways at all, some of which may stand already. */
const hasWays = ref(false)
const toWidth = (text: string) =>
  /^\d{1,4}$/.test(text) && Number(text) >= 20 ? '' : words.widthError

const textOf = (labels: readonly string[]) => labels.join('\n')

watch(
  [form, width, locale],
  async () => {
    trouble.value = ''
    const asked = locale.value
    try {
      if (asked) await regions.load([{ locale: asked }])
      if (asked !== locale.value) return
      const subject = props.subject()
      const ways = suggest(
        {
          ...subject,
          style: { ...subject.style, ...(asked ? { locale: asked } : {}) },
          context: { ...subject.context, ...regions.loaded },
          room: width.value ? { width: Number(width.value), fontSize: ROOM_SIZE } : undefined,
        },
        form.value ?? undefined,
      )
      const standing = new Set(props.standing?.().map(textOf))
      found.value = ways.filter(({ labels }) => !standing.has(textOf(labels))).slice(0, MOST_SHOWN)
      hasWays.value = ways.length > 0
    } catch (error) {
      trouble.value = (error as Error).message
    }
  },
  { immediate: true },
)

const MOST_LABELS = 5
const sample = (labels: readonly string[]) =>
  `${labels.slice(0, MOST_LABELS).join('   ')}${labels.length > MOST_LABELS ? '  …' : ''}`
</script>

<template>
  <div class="found">
    <p class="soft">
      {{ words.in({ where }) }}
      <Select
        v-model="form"
        :options="forms"
        option-label="title"
        option-value="id"
        :placeholder="words.best"
        append-to="self"
        :aria-label="words.notation"
        class="in-text"
      />{{ words.for }}
      <Select
        v-model="locale"
        :options="localeOptions"
        option-label="title"
        option-value="id"
        :placeholder="words.ownRegion"
        filter
        append-to="self"
        :aria-label="words.region"
        class="in-text"
      />{{ words.width }}
      <TypedField
        :value="width"
        :placeholder="words.any"
        :label="words.widthLabel"
        :check="toWidth"
        @change="width = $event"
      />
      {{ words.px }}
    </p>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <button
      v-for="one in found"
      :key="one.labels.join()"
      type="button"
      class="way"
      @click="emit('take', one.style, one.labels)"
    >
      <b>{{ sample(one.labels) }}</b>
      <span
        v-for="reason in one.reasons"
        :key="suggestionReasonText(reason)"
        :class="isAgainst(reason) ? 'against' : 'soft'"
        >{{ isAgainst(reason) ? '−' : '+' }} {{ suggestionReasonText(reason) }}</span
      >
    </button>
    <p v-if="found.length === 0 && hasWays && !trouble" class="soft">
      {{ words.alreadyUsed }}
    </p>
    <p v-else-if="found.length === 0 && !trouble" class="soft">
      {{ words.none }}
    </p>
  </div>
</template>

<style scoped>
.found {
  display: grid;
  gap: var(--gap-2);
  width: 24rem;
}

.way {
  display: grid;
  padding: var(--gap-2);
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  font-size: var(--text-small);
  text-align: left;
  cursor: pointer;
}

.way b {
  overflow: hidden;
  font-size: var(--text);
  text-overflow: ellipsis;
  white-space: pre;
}

.way:hover {
  border-color: var(--jade);
  background: var(--jade-wash);
}

.against,
.trouble {
  color: var(--rosewood);
}
</style>
