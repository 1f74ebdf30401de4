<script setup lang="ts">
import { SURFACES } from '~~/core/checks/types'
import { toText } from '~~/core/decimal/decimal'
import { isPart, type Level } from '~~/shared/quantities'
import { download } from '~/composables/download'
import type { Page } from '~/composables/page'
import { chartsOnPage, type Made, take, type Taken, takenAs } from '~/desk/exports'
import { levelWords } from '~/desk/levels'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

const visible = defineModel<boolean>('visible', { required: true })
const props = defineProps<{ page: Page }>()
const study = useStudy()
const levels = useLevels()
const made = shallowRef<Made | null>(null)
const trouble = ref('')
const copied = ref(false)

/** What is taken away, and in which form. */
const level = ref<Level>('quantity')
const as = ref<Taken>('module')
const form = computed(() => takenAs.find(({ id }) => id === as.value)!)
const choices = computed(() =>
  (['quantity', ...SURFACES] as const).map((id) => ({ id, title: levelWords[id] })),
)
const forms = computed(() => takenAs.filter(({ id }) => id !== 'svg' || chartsOnPage().length > 0))
watch(
  visible,
  (now) => {
    if (now)
      level.value =
        levels.level === 'house' ? 'quantity' : isPart(levels.level) ? 'marks' : levels.level
  },
  { immediate: true },
)
watch(
  [visible, level, as],
  async ([now, atLevel, kind]) => {
    const { quantity, document } = study
    if (!now || !quantity || !document) return
    made.value = null
    trouble.value = ''
    copied.value = false
    const isCurrent = () => visible.value && level.value === atLevel && as.value === kind
    try {
      await study.flush()
      const found = await take(
        kind,
        { study: { id: study.id, name: document.name }, quantity, level: atLevel },
        props.page,
      )
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
/** Modules are told by how they are used. */
const usage = computed(() => {
  const largest = props.page.drawing.value?.groups[0]
  const surface =
    level.value === 'quantity' || level.value === 'house' || isPart(level.value)
      ? 'marks'
      : level.value
  const value = largest ? toText(largest.value) : '0'
  return `import { label } from './${first.value?.name}'\n\nlabel(${value})   // ${JSON.stringify(props.page.on[surface].writer.value.label(value))}: the value stays a number`
})
const preview = computed(() =>
  as.value === 'module'
    ? usage.value
    : (first.value?.text ?? '')
        .slice(0, MOST_CHARACTERS)
        .split('\n')
        .slice(0, MOST_LINES)
        .join('\n'),
)
const size = (text: string) => `${Math.ceil(text.length / 1024)} KB`
const proof = computed(() => {
  const { how, values, equal } = made.value!.proof
  return equal === values
    ? `${how}: all ${values} values are written as on the desk.`
    : `${how}: ${equal} of ${values} values are written as on the desk.`
})
async function copy() {
  try {
    await navigator.clipboard.writeText(first.value!.text)
    copied.value = true
  } catch {
    trouble.value = 'The browser lets nothing be copied here; download it.'
  }
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="`Take away: ${study.quantity?.title ?? ''}`"
    :style="{ width: 'min(760px, 94vw)' }"
  >
    <p class="which">
      As
      <Select
        v-model="as"
        :options="forms"
        option-label="title"
        option-value="id"
        aria-label="Taken away as"
        class="in-text"
        scroll-height="20rem"
      /><template v-if="form.isOfLevel"
        >, as it is written
        <Select
          v-model="level"
          :options="choices"
          option-label="title"
          option-value="id"
          aria-label="Surface"
          class="in-text"
      /></template>
    </p>
    <p class="soft">{{ form.says }}</p>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-else-if="!made" role="status">Making it and proving it on every value…</p>
    <div v-else class="made">
      <p class="proof">
        <span class="bead" :class="made.proof.equal === made.proof.values ? 'good' : 'busy'" />
        {{ proof }}
      </p>
      <p v-for="note in made.notes" :key="note">{{ note }}</p>
      <table v-if="made.proof.differs.length > 0">
        <thead>
          <tr>
            <th scope="col">value</th>
            <th scope="col">on the desk</th>
            <th scope="col">there</th>
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
      <pre tabindex="0" aria-label="Preview">{{ preview }}</pre>
    </div>
    <template #footer>
      <Button
        :label="copied ? 'Copied' : 'Copy'"
        :disabled="!made"
        severity="secondary"
        variant="outlined"
        @click="copy"
      />
      <Button
        v-for="file in made?.files.slice(1)"
        :key="file.name"
        :label="`Download ${file.name}`"
        variant="outlined"
        @click="download(file.name, file.text, file.type)"
      />
      <Button
        v-if="first"
        :label="`Download ${first.name}`"
        :title="size(first.text)"
        @click="download(first.name, first.text, first.type)"
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
