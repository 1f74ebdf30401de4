<script setup lang="ts">
import type { Surface } from '~~/core/surfaces'
import type { FieldName } from '~~/core/style/fields'
import { isPart, type Level } from '~~/shared/quantities'
import { LEVELS, levelWords } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.levelChoice

/** Which surface the sentence speaks of; those that have something of their own are marked. */
const props = defineProps<{ shown: readonly Surface[] }>()
defineEmits<{ who: [] }>()
const levels = useLevels()
const study = useStudy()
const options = structuralComputed(() =>
  LEVELS.filter((id) => !isPart(id) || study.quantity?.chart.parts?.includes(id)).map((id) => ({
    id,
    title: levelWords[id],
    isOwn: levels.ownLevels.includes(id),
  })),
)
const own = computed(() => Object.keys(levels.own) as FieldName[])
const isSurface = computed(() => levels.level !== 'quantity' && levels.level !== 'house')
/** Levels that say otherwise than the one in hand, which speaks for all. */
const exceptions = structuralComputed(() => {
  if (isSurface.value) return []
  const isOnPage = (level: Level) => isPart(level) || props.shown.includes(level as Surface)
  return levels.ownLevels.filter(isOnPage).map((level) => levelWords[level])
})
</script>

<template>
  <Select
    :model-value="levels.level"
    :options="options"
    option-label="title"
    option-value="id"
    :aria-label="words.title"
    class="in-text level"
    scroll-height="22rem"
    @update:model-value="levels.take($event)"
  >
    <template #option="{ option }"
      ><span class="option"
        >{{ option.title }}
        <span v-if="option.isOwn" class="own" :title="words.hasOwn">●</span></span
      ></template
    >
  </Select>
  <span v-if="isSurface && own.length === 0" class="note">{{
    words.as({ level: isPart(levels.level) ? words.asMarks : words.asQuantity })
  }}</span>
  <QuietButton
    v-if="exceptions.length > 0"
    aria-haspopup="dialog"
    :title="exceptions.join(', ')"
    class="note except"
    @click="$emit('who')"
  >
    {{ words.exceptPlaces({ count: exceptions.length, places: exceptions }) }}
  </QuietButton>
  <QuietButton
    v-if="isSurface && own.length > 0"
    :title="words.ownSettings({ fields: own.join(', ') })"
    class="note"
    @click="levels.takeBack(own)"
  >
    {{ words.clearAll }}
  </QuietButton>
</template>

<style scoped>
.option {
  display: flex;
  gap: var(--gap-2);
  justify-content: space-between;
  width: 100%;
}

.own {
  color: var(--jade);
}

/* In a narrow window, which needs the room, a star says that there are exceptions. */
@media (max-width: 1100px) {
  .except {
    position: absolute;
    margin: -8px 0 0 -20px;
    font-size: 0;
  }

  .except::after {
    content: '*';
    line-height: 1;
    font-size: var(--text);
  }
}

.note {
  margin-left: var(--gap-1);
  color: var(--ink-soft);
}
</style>
