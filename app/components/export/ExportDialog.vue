<script setup lang="ts">
import { SURFACES } from '~~/core/checks/types'
import { isPart, type Level } from '~~/shared/quantities'
import type { Export } from '~~/shared/study'
import { download } from '~/composables/download'
import { request } from '~/composables/request'
import { levelWords } from '~/desk/levels'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

const visible = defineModel<boolean>('visible', { required: true })
/** A value of the quantity and its label on a level, for the example. */
const props = defineProps<{ example: ((level: Level) => { value: string; label: string } | null) }>()
const study = useStudy()
const levels = useLevels()
const made = shallowRef<Export | null>(null)
const trouble = ref('')
const copied = ref(false)

/** What is taken away: the labels of one surface, or what all share. */
const level = ref<Level>('quantity')
const choices = computed(() => (['quantity', ...SURFACES] as const).map((id) => ({ id, title: levelWords[id] })))
watch(visible, (now) => {
  if (now) level.value = levels.level === 'house' ? 'quantity' : isPart(levels.level) ? 'marks' : levels.level
}, { immediate: true })
watch([visible, level], async ([now]) => {
  if (!now || !study.quantity) return
  made.value = null
  trouble.value = ''
  copied.value = false
  try {
    await study.flush()
    made.value = await request<Export>(`/api/studies/${study.id}/export?quantity=${encodeURIComponent(study.quantity.id)}${level.value === 'quantity' ? '' : `&surface=${level.value}`}`)
  } catch (error) {
    trouble.value = (error as Error).message
  }
}, { immediate: true })

const stem = computed(() => made.value?.fileName.replace(/\.mjs$/, '') ?? '')
const example = computed(() => props.example(level.value))
const usage = computed(() => `import { label } from './${stem.value}.mjs'\n\nlabel(${example.value?.value ?? 0})   // ${JSON.stringify(example.value?.label ?? '')}: the value stays a number`)

const JAVASCRIPT = 'text/javascript'
async function copy() {
  await navigator.clipboard.writeText(made.value!.module)
  copied.value = true
}
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="`Take away: ${study.quantity?.title ?? ''}`" :style="{ width: 'min(720px, 94vw)' }">
    <p class="which">As it is written <Select v-model="level" :options="choices" option-label="title" option-value="id" aria-label="Surface" class="in-text" /></p>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-else-if="!made" role="status">Making the module and running it on every value…</p>
    <div v-else class="made">
      <p class="proof"><span class="bead good" /> Run on {{ made.proof.values }} values: all {{ made.proof.equal }} labels are those of the desk.</p>
      <p>One module without dependencies, {{ Math.ceil(made.module.length / 1024) }} KB. It writes this quantity’s labels in any chart, and leaves its numbers numbers.</p>
      <pre tabindex="0">{{ usage }}</pre>
    </div>
    <template #footer>
      <Button :label="copied ? 'Copied' : 'Copy module'" :disabled="!made" severity="secondary" variant="outlined" @click="copy" />
      <Button :label="`Download ${stem || 'labels'}.d.mts`" :disabled="!made" variant="outlined" @click="download(`${stem}.d.mts`, made!.types, JAVASCRIPT)" />
      <Button :label="`Download ${stem || 'labels'}.mjs`" :disabled="!made" @click="download(made!.fileName, made!.module, JAVASCRIPT)" />
    </template>
  </Dialog>
</template>

<style scoped>
.which {
  margin-bottom: var(--gap-3);
}

.made {
  display: grid;
  gap: var(--gap-3);
}

.proof {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  font-weight: 600;
}

pre {
  margin: 0;
  padding: var(--gap-3);
  background: var(--paper);
  border-radius: 4px;
  overflow: auto;
}
</style>
