<script setup lang="ts">
import { isPart } from '~~/shared/quantities'
import { LEVELS, levelWords } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { levelChoice as words } from './words'

/** Which surface the sentence speaks of; those that have something of their own are marked. */
const levels = useLevels()
const study = useStudy()
const options = structuralComputed(() =>
  LEVELS.filter((id) => !isPart(id) || study.quantity?.chart.parts?.includes(id)).map((id) => ({
    id,
    title: levelWords[id],
    isOwn: levels.ownLevels.includes(id),
  })),
)
const set = computed(() => Object.keys(levels.own).join(', '))
const isSurface = computed(() => levels.level !== 'quantity' && levels.level !== 'house')
</script>

<template>
  <Select
    :model-value="levels.level"
    :options="options"
    option-label="title"
    option-value="id"
    :aria-label="words.whereStyleSet"
    class="in-text level"
    scroll-height="22rem"
    @update:model-value="levels.take($event)"
  >
    <template #option="{ option }"
      ><span class="option"
        >{{ option.title }}
        <span v-if="option.isOwn" class="own" :title="words.somethingSetOnAlone">●</span></span
      ></template
    >
  </Select>
  <span v-if="isSurface && set === ''" class="note">{{
    words.asWhat(isPart(levels.level) ? words.marks : words.quantity)
  }}</span>
  <QuietButton
    v-else-if="isSurface"
    :title="words.setHereAlone(set)"
    @click="levels.takeBack(Object.keys(levels.own) as never)"
  >
    {{ words.takeAllBack }}
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

.note {
  color: var(--ink-soft);
}
</style>
