<script setup lang="ts">
import type { Subject } from '~~/core/checks/types'
import { type Surface, surfaces } from '~~/core/surfaces'
import { notationOf } from '~~/core/notations'
import type { Style } from '~~/core/style/fields'
import { difference, inherit } from '~~/core/style/inherit'
import type { Page } from '~/features/page/usePage'
import { numberStep } from '~~/shared/page/axis'
import { levelWords } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { useStylebook } from '~/stores/stylebook'
import { words as catalogue } from '~~/words'
import { isWritten } from '~~/core/units'

const words = catalogue.dock.dockActions

/**
 * What is done with a whole style: another one that suits the numbers, and copies of it and of its
 * labels.
 */
const props = defineProps<{ page: Page; surface: Surface }>()
const emit = defineEmits<{ who: []; stylebook: []; rules: []; together: [] }>()
const study = useStudy()
const stylebook = useStylebook()
const levels = useLevels()
const list = useTemplateRef<{ toggle(event: Event): void; hide(): void }>('list')
const copied = ref('')

/** More numbers than these take too long to judge while somebody waits. */
const MOST_JUDGED = 40
function subject(): Subject {
  const values = props.page.numbersOf(props.surface)
  const every = Math.ceil(values.length / MOST_JUDGED)
  const drawing = props.page.drawing.value
  return {
    surface: props.surface,
    style: levels.style,
    kind: study.quantity?.kind,
    readers: study.readers,
    values: values.filter((_, at) => at % every === 0),
    step:
      surfaces[props.surface].hasTicks && drawing
        ? (numberStep(drawing.ticks, study.quantity?.ticks ?? {}) ?? undefined)
        : undefined,
    context: {
      ...props.page[`context.${props.surface}`].value,
      values: undefined,
      rows: undefined,
    },
  }
}
function take(style: Style, labels: readonly string[]) {
  void levels.setStyle(
    words.tookSuggestion({ quantity: study.quantity?.title ?? '', label: labels[0] ?? '' }),
    difference(levels.style, inherit(levels.style, style)),
  )
  list.value?.hide()
}

/** Rung and unit can be said once where there are any; then all labels share a rung. */
const isSaidOnce = computed(() => levels.style.unitAt !== 'label')
const sayable = computed(
  () => isSaidOnce.value || isWritten(levels.style.unit) || notationOf(levels.style).hasRungs,
)
function sayOnce() {
  const hasOwn = notationOf(levels.style).hasRungs && levels.style.rung === 'each'
  const shared = hasOwn ? { rung: 'shared' as const } : {}
  void levels.setStyle(
    words.putUnit({
      quantity: study.quantity?.title ?? '',
      where: isSaidOnce.value ? words.onEachLabel : words.inTitle,
    }),
    isSaidOnce.value ? { unitAt: 'label' } : { ...shared, unitAt: 'title' },
  )
}

const SAID = 1600
async function copy(what: string, text: string) {
  try {
    await navigator.clipboard.writeText(text)
    copied.value = what
  } catch {
    copied.value = 'refused'
  }
  setTimeout(() => (copied.value = ''), SAID)
}
const labels = () => {
  const { values, rows } = props.page[`shows.${props.surface}`].value
  return props.page[`written.${props.surface}`].value.writer.labels(values, rows)
}
const copyLabels = () => copy('labels', labels().join('\n'))
const copyStyle = () =>
  copy('style', JSON.stringify(difference(inherit({}), levels.style), null, 2))
</script>

<template>
  <div class="actions">
    <QuietButton aria-haspopup="dialog" @click="list?.toggle($event)">
      {{ words.suggestions }}
    </QuietButton>
    <QuietButton v-if="sayable" @click="sayOnce">
      {{ isSaidOnce ? words.unitOnLabels : words.unitInTitle }}
    </QuietButton>
    <QuietButton @click="copyLabels">
      {{ copied === 'labels' ? words.copied : words.copyLabels }}
    </QuietButton>
    <QuietButton @click="copyStyle">
      {{ copied === 'style' ? words.copied : words.copyStyle }}
    </QuietButton>
    <QuietButton aria-haspopup="dialog" @click="emit('who')">{{
      words.settingsOrigin
    }}</QuietButton>
    <QuietButton aria-haspopup="dialog" @click="emit('stylebook')">
      {{ words.stylebook }}
      <b v-if="stylebook.updates.length > 0" class="news">{{
        words.changedStyles({ count: stylebook.updates.length })
      }}</b>
    </QuietButton>
    <QuietButton aria-haspopup="dialog" @click="emit('rules')">{{ words.houseRules }}</QuietButton>
    <QuietButton
      v-if="(study.document?.quantities.length ?? 0) > 1"
      aria-haspopup="dialog"
      @click="emit('together')"
      >{{ words.matched }}</QuietButton
    >
    <span v-if="copied === 'refused'" role="alert" class="trouble">{{ words.copyRefused }}</span>
    <Popover ref="list" :aria-label="words.suggestionsLabel">
      <SuggestList :subject="subject" :where="levelWords[levels.level]" @take="take" />
    </Popover>
  </div>
</template>

<style scoped>
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-4);
}

.news {
  color: var(--amber);
}

.trouble {
  color: var(--rosewood);
}
</style>
