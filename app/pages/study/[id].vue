<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { usePage } from '~/features/page/usePage'
import { useFollowing } from '~/features/frame/useFollowing'
import { levelOf } from '~/features/frame/keys'
import { screenTitle } from '~/features/frame/screens'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.studyPage

/**
 * What every screen of a study has: its page, its bar, its dialogs, and words for a study that is
 * empty or on its way.
 */
const route = useRoute()
const page = usePage()
const study = useStudy()
const levels = useLevels()
const trouble = ref('')
const importing = ref(false)
const exporting = ref(false)

onMounted(async () => {
  const id = String(route.params.id)
  try {
    if (study.id !== id) await study.open(id)
  } catch (error) {
    trouble.value = (error as Error).message
  }
})

useFollowing()

/** A change is never lost to a closed tab without a word. */
useEventListener(window, 'beforeunload', (event) => {
  if (study.state !== 'saved') event.preventDefault()
})

/** Another grip, by hand or by key, is another step of undo. */
useEventListener(document, 'pointerdown', () => study.hold(true), { capture: true })
useEventListener(document, ['pointerup', 'pointercancel'], () => study.hold(false), {
  capture: true,
})
useEventListener(document, 'focusin', study.letGo)

/** Texts undo by themselves. */
const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (isTyping(event.target) || event.altKey) return
  if (!(event.ctrlKey || event.metaKey)) return press(event)
  if (event.key.toLowerCase() !== 'z') return
  event.preventDefault()
  if (event.shiftKey) study.redo()
  else study.undo()
})
/** Keys that stand alone do nothing where a list is open or a choice has the hand. */
const isChoosing = (target: EventTarget | null) =>
  target instanceof Element &&
  target.closest('[role=listbox], [role=combobox], [role=dialog]') !== null
function press(event: KeyboardEvent) {
  if (isChoosing(event.target) || !study.quantity) return
  const level = levelOf(event.key)
  if (level) levels.take(level)
  else if (event.key === '?') keys.value = true
  else if (event.key.toLowerCase() === 'm')
    document.querySelector<HTMLElement>('[data-fix]')?.click()
}
const keys = ref(false)
const hasQuantity = computed(() => study.quantity !== null)
const isOpen = computed(() => study.document !== null)
const title = computed(() =>
  [screenTitle(route.path), study.document?.name, 'Ivory Abacus'].filter(Boolean).join(' · '),
)
useHead({ title })
</script>

<template>
  <main v-if="trouble" class="trouble" role="alert">
    <p>{{ trouble }}</p>
    <NuxtLink to="/studies">{{ words.allStudies }}</NuxtLink>
  </main>
  <main v-else class="frame">
    <TopBar @bring-in="importing = true" @take-away="exporting = true" @help="keys = true" />
    <NuxtPage v-if="hasQuantity" :page="page" />
    <div v-else class="empty">
      <template v-if="isOpen">
        <h1>{{ words.noNumbers }}</h1>
        <p>
          {{ words.noNumbersHelp }}
        </p>
        <Button :label="words.import" @click="importing = true" />
      </template>
      <p v-else role="status">{{ words.openingStudy }}</p>
    </div>
    <LazyKeyMap v-model:visible="keys" />
    <LazyImportDialog v-model:visible="importing" />
    <LazyExportDialog v-model:visible="exporting" :page="page" />
  </main>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template: auto minmax(0, 1fr) auto / minmax(0, 1fr);
  height: 100%;
}

.empty {
  display: grid;
  gap: var(--gap-3);
  place-content: center;
  justify-items: start;
  max-width: 46ch;
  margin: auto;
}

h1 {
  font-size: var(--text-title);
  font-weight: 600;
}

.trouble {
  padding: var(--gap-6);
}
</style>
