<script setup lang="ts">
import { useWindowSize } from '@vueuse/core'
import type { FullStyle, Style } from '~~/core/style/fields'
import { notationOf } from '~~/core/notations'
import {
  headsOf,
  LOW_ROW,
  LOW_WINDOW,
  railMeasures,
  railGeometry,
  ROW,
  spokenRows,
  spotsOf,
} from './railGeometry'
import type { Rail } from './rail'
import { words as catalogue } from '~~/words'

const words = catalogue.dock.digitRail

/** The rail and the style come by getters: a move draws them anew, not what the rail stands in. */
const props = defineProps<{ railNow: () => Rail; styleNow: () => FullStyle; width: number }>()
const emit = defineEmits<{ change: [what: string, patch: Style] }>()

const rail = computed(() => props.railNow())
const style = computed(() => props.styleNow())
const { height: windowHeight } = useWindowSize()
/** In low windows the page needs the room. */
const rowHeight = computed(() => (windowHeight.value < LOW_WINDOW ? LOW_ROW : ROW))
const measures = structuralComputed(() => railMeasures(rail.value, props.width, rowHeight.value))
const places = computed(() => railGeometry(measures.value))
const ladder = computed(() => (notationOf(style.value).hasExponent ? null : style.value.ladder))
const heads = computed(() => headsOf(measures.value, ladder.value))
const names = structuralComputed(() => rail.value.rows.map(({ name }) => name))
const spots = computed(() => spotsOf(rail.value, measures.value, places.value))
const lengths = computed(() => {
  const { rowHeight: row, label, said, off } = measures.value
  const { circle, head, bottom, height } = places.value
  return Object.entries({
    width: props.width,
    height,
    '--row': row,
    '--label': label,
    '--said': said,
    '--off': off,
    '--circle': circle,
    '--head': head,
    '--bottom': bottom,
  })
    .map(([name, pixels]) => `${name}:${pixels}px`)
    .join(';')
})

/** Nobody hears the rows while they change. */
const REST = 250
const inWords = debouncedComputed(() => spokenRows(rail.value), REST)
</script>

<template>
  <div ref="box" class="rail" role="group" :aria-label="words.title" :style="lengths">
    <RailGround :places="places" :heads="heads" :names="names" :width="width" />
    <div class="face" role="img" :aria-label="inWords">
      <div class="spots" aria-hidden="true">
        <span
          v-for="{ place, text, manner, left, top } in spots"
          :key="place"
          v-memo="[text, manner, left, top]"
          :class="manner"
          :style="`left:${left}px;top:${top}px`"
          >{{ text }}</span
        >
      </div>
    </div>
    <RailHandles
      :rail="rail"
      :geometry="places"
      :style-now="style"
      @change="(what, patch) => emit('change', what, patch)"
    />
  </div>
</template>

<style scoped>
.rail {
  position: relative;
  contain: layout size;
  user-select: none;
}

.face {
  position: absolute;
  inset: 0;
  isolation: isolate;
  font-weight: 600;
}

/* The size of each is given, so that a text in it lays out nothing else. */
.spots > span {
  position: absolute;
  width: var(--circle);
  height: var(--circle);
  contain: layout size;
  line-height: var(--circle);
  white-space: nowrap;
  text-align: center;
  border-radius: 50%;
}

.spots > .absent {
  visibility: hidden;
}

.spots > .decides {
  background: var(--rosewood-wash);
  box-shadow: 0 0 0 1px var(--rosewood);
  color: var(--rosewood);
}

/* Colours that are seen through, not elements: those would each be a layer. */
.spots > .dropped {
  color: color-mix(in srgb, var(--ink-faint) 80%, transparent);
}

.spots > .apart {
  width: auto;
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.spots > .pad {
  color: color-mix(in srgb, var(--ink-faint) 50%, transparent);
}

.spots > .label,
.spots > .said,
.spots > .off {
  width: var(--label);
  height: calc(var(--bottom) - var(--head));
  line-height: var(--row);
  white-space: pre;
  text-align: start;
}

.spots > .said {
  width: var(--said);
  margin-left: calc(-1 * var(--said));
  text-align: end;
  color: var(--ink-soft);
}

.spots > .off {
  width: var(--off);
  margin-left: calc(-1 * var(--off));
  text-align: end;
  color: var(--rosewood);
}

.spots > .point {
  width: 5px;
  height: 5px;
  margin: -10px 0 0 -2.5px;
  background: var(--jade);
}
</style>
