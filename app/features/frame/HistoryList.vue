<script setup lang="ts">
import { useStudy } from '~/stores/study'
import { momentOf, useRevisions } from './useRevisions'
import { words as catalogue } from '~~/words'

const words = catalogue.frame.historyList

/** Everything that was done to the study, the last first, with a look at it and a way back. */
const study = useStudy()
const visible = ref(false)
const { revisions, chosen, trouble, hasMore, open, more, call, goBack, picture } = useRevisions()
const shown = computed(() => revisions.value.find(({ number }) => number === chosen.value))
const isNewest = computed(() => chosen.value === revisions.value[0]?.number)
/** Those that have a name alone, where somebody looks for one of them. */
const namedOnly = ref(false)
const listed = computed(() =>
  namedOnly.value ? revisions.value.filter(({ name }) => name !== null) : revisions.value,
)
const name = ref('')
watch(shown, (one) => (name.value = one?.name ?? ''))
const keepName = () => shown.value && call(shown.value.number, name.value.trim() || null)
async function back() {
  if (!shown.value) return
  await goBack(shown.value)
  if (!trouble.value) visible.value = false
}
</script>

<template>
  <Button
    size="small"
    :label="words.history"
    variant="text"
    aria-haspopup="dialog"
    :disabled="!study.document"
    @click="visible = true"
  />
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.whatWasDone"
    :style="{ width: 'min(920px, 96vw)' }"
    @show="open"
  >
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <div class="history">
      <div class="list">
        <label class="named"
          ><Checkbox v-model="namedOnly" binary size="small" />{{ words.namedOnly }}</label
        >
        <ol class="steps">
          <li v-for="one in listed" :key="one.number">
            <button
              type="button"
              class="step"
              :class="{ chosen: one.number === chosen }"
              :aria-pressed="one.number === chosen"
              @click="chosen = one.number"
            >
              <b v-if="one.name">{{ one.name }}</b>
              <span>{{ one.what }}</span>
              <span class="soft"
                >{{ momentOf(one)
                }}<template v-if="one.takenAt">{{ words.exported }}</template></span
              >
            </button>
          </li>
        </ol>
        <QuietButton v-if="hasMore && !namedOnly" @click="more">{{ words.earlier }}</QuietButton>
      </div>
      <div v-if="shown" class="look">
        <p>
          <b>{{ words.after({ change: shown.what }) }}</b>
          <span class="soft moment"
            >{{ momentOf(shown) }}, {{ words.revision({ number: shown.number }) }}</span
          >
        </p>
        <img
          v-if="picture"
          :src="picture"
          :alt="words.page({ change: shown.what })"
          class="picture"
        />
        <form class="name" @submit.prevent="keepName">
          <InputText
            v-model="name"
            size="small"
            maxlength="200"
            :placeholder="words.nameIt"
            :aria-label="words.nameIt"
          />
          <Button size="small" type="submit" variant="outlined" :label="words.keepName" />
        </form>
        <p class="soft">{{ words.kept }}</p>
        <Button
          size="small"
          :label="isNewest ? words.current : words.restore"
          :disabled="isNewest"
          @click="back"
        />
      </div>
    </div>
  </Dialog>
</template>

<style scoped>
.history {
  display: grid;
  grid-template-columns: minmax(0, 22rem) minmax(0, 1fr);
  gap: var(--gap-5);
}

.named {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
  margin-bottom: var(--gap-2);
}

.steps {
  height: min(26rem, 55vh);
  margin: 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}

.step {
  display: grid;
  width: 100%;
  padding: var(--gap-2);
  border: 0;
  border-bottom: 1px solid var(--rule-soft);
  background: none;
  color: var(--ink);
  font-size: var(--text-small);
  text-align: left;
  cursor: pointer;
}

.step:hover,
.step.chosen {
  background: var(--jade-wash);
}

.look {
  display: grid;
  gap: var(--gap-3);
  align-content: start;
  justify-items: start;
}

.picture {
  width: 100%;
  max-height: min(18rem, 40vh);
  object-fit: contain;
  object-position: left top;
}

.moment {
  display: block;
}

.name {
  display: flex;
  gap: var(--gap-2);
}
</style>
