<script setup lang="ts">
import type { Box, PartView, ProofView } from '~~/shared/proof/view'

/** A finished chart as it is drawn, with a frame around each label that is looked at. */
const props = defineProps<{
  chart: ProofView['charts'][number]
  /** The parts that stand in it, with their places among all. */
  parts: readonly { readonly part: PartView; readonly at: number }[]
  /** The part in hand, and its labels that a finding is about. */
  shown: number | null
  marked: ReadonlyMap<number, ReadonlySet<number>>
}>()
const emit = defineEmits<{ take: [part: number] }>()

const source = ref('')
watch(
  () => props.chart.svg,
  (svg) => {
    if (source.value) URL.revokeObjectURL(source.value)
    source.value = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  },
  { immediate: true },
)
onScopeDispose(() => URL.revokeObjectURL(source.value))

const MOST_TIMES = 2
/** As large as the screen lets it be, in its own proportions. */
const size = computed(() => {
  const { width, height } = props.chart
  return {
    'aspect-ratio': `${width} / ${height}`,
    width: `min(100%, ${MOST_TIMES * width}px, calc(max(180px, 100vh - var(--taken)) * ${width / height}))`,
  }
})

const ROOM = 2
/** A box in parts of the picture, so that it follows its size. */
function placeOf({ x, y, width, height, angle }: Box): Record<string, string> {
  const part = (pixels: number, whole: number) => `${(100 * pixels) / whole}%`
  const { width: across, height: down } = props.chart
  return {
    left: part(x - ROOM, across),
    top: part(y - ROOM, down),
    width: part(width + 2 * ROOM, across),
    height: part(height + 2 * ROOM, down),
    transform: angle === 0 ? 'none' : `rotate(${angle}deg)`,
  }
}
const boxes = computed(() =>
  props.parts.flatMap(({ part, at }) =>
    part.labels.flatMap(({ box }, label) =>
      box
        ? [
            {
              key: `${at} ${label}`,
              part: at,
              place: placeOf(box),
              isMarked: props.marked.get(at)?.has(label) ?? false,
            },
          ]
        : [],
    ),
  ),
)
</script>

<template>
  <figure class="picture" :style="size">
    <img :src="source" :alt="chart.title" />
    <!-- The list of parts takes them up by keyboard too. -->
    <span
      v-for="{ key, part, place, isMarked } in boxes"
      :key="key"
      class="label"
      :class="{ marked: isMarked, shown: part === shown }"
      :style="place"
      aria-hidden="true"
      @click="emit('take', part)"
    />
  </figure>
</template>

<style scoped>
.picture {
  position: relative;
  margin: 0 auto;
  background: #fff;
  box-shadow: var(--shadow);
}

.picture img {
  display: block;
  width: 100%;
  height: 100%;
}

.label {
  position: absolute;
  border-radius: 2px;
  cursor: pointer;
}

.label:hover {
  outline: 1px solid var(--jade);
}

.label.shown {
  outline: 1px solid var(--jade);
  background: rgb(29 104 87 / 10%);
}

.label.marked {
  outline: 2px dashed #8c2f39;
}
</style>
