<script setup lang="ts">
import type { LadderRung } from '~~/core/ladders/types'
import { superscript } from '~~/core/decimal/superscript'
import type { DrawnLadder, StudyLadder } from '~~/shared/ladders'
import { heightOf, STEP } from './ladderScale'
import { useLadderDraft } from './useLadderDraft'
import { words as catalogue } from '~~/words'

const words = catalogue.ladders.ladderColumn

/** A ladder drawn to scale; one of the study's own is edited where it stands. */
const props = defineProps<{
  ladder: DrawnLadder
  /** The power at the top of the drawing, and its height in pixels. */
  top: number
  height: number
  /** Powers that labels stand on now. */
  used: ReadonlySet<number>
  /** Where a rung is fixed, by its power. */
  fixedOn: (power: number) => string[]
}>()
const emit = defineEmits<{ change: [what: string, next: StudyLadder] }>()

const { draft, trouble, put, rename, isTaken, move, add } = useLadderDraft(
  () => props.ladder,
  (what, next) => emit('change', what, next),
  // It asked about a rung by its place.
  () => (going.value = null),
)
const y = (rung: LadderRung) => (props.top - heightOf(props.ladder, rung)) * STEP
const rungs = computed(() => (props.ladder.isOwn ? draft.value : props.ladder.rungs))

const arrows: Record<string, 1 | -1> = { ArrowUp: 1, ArrowDown: -1 }
/** A rung climbs to the next power that is free. */
function press(event: KeyboardEvent, at: number) {
  const by = arrows[event.key]
  if (!by) return
  event.preventDefault()
  let power = draft.value[at]!.power + by
  while (isTaken(power)) power += by
  move(at, power)
}
let held: { at: number; from: number; power: number } | null = null
function take(event: PointerEvent, at: number) {
  held = { at, from: event.clientY, power: draft.value[at]!.power }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (!held) return
  const wanted =
    held.power +
    Math.round((held.from - event.clientY) / (STEP * heightOf(props.ladder, { power: 1 })))
  if (!isTaken(wanted)) move(held.at, wanted)
}
const release = () => (held = null)
/** A rung that is fixed somewhere is taken away only when that is said. */
const going = shallowRef<{ at: number; rung: LadderRung; users: string[] } | null>(null)
function remove(at: number, isSure = false) {
  const rung = draft.value[at]!
  const users = props.fixedOn(rung.power)
  if (users.length > 0 && !isSure) return (going.value = { at, rung, users })
  going.value = null
  put(draft.value.toSpliced(at, 1), words.remove({ symbol: rung.symbol }))
}
defineExpose({ add })
</script>

<template>
  <div class="ladder" :style="{ height: `${height}px` }" :data-ladder="ladder.id">
    <span class="rail left" /><span class="rail right" />
    <div
      v-for="(rung, at) in rungs"
      :key="ladder.isOwn ? at : rung.power"
      class="rung"
      :class="{ used: used.has(rung.power) }"
      :style="{ top: `${y(rung)}px` }"
      :data-power="rung.power"
    >
      <template v-if="ladder.isOwn">
        <button
          type="button"
          class="bar grip"
          :aria-label="words.move({ symbol: rung.symbol, power: rung.power })"
          :title="words.help({ power: superscript(rung.power) })"
          @keydown="press($event, at)"
          @pointerdown="take($event, at)"
          @pointermove="drag"
          @pointerup="release"
          @pointercancel="release"
        />
        <InputText
          :model-value="rung.symbol"
          class="symbol"
          maxlength="40"
          spellcheck="false"
          :aria-label="words.symbolOf({ power: rung.power })"
          @update:model-value="rename(at, 'symbol', $event ?? '')"
        />
        <InputText
          :model-value="rung.word"
          class="word"
          maxlength="40"
          spellcheck="false"
          :aria-label="words.wordOf({ power: rung.power })"
          @update:model-value="rename(at, 'word', $event ?? '')"
        />
        <button
          type="button"
          class="away"
          :aria-label="words.removeSymbol({ symbol: rung.symbol })"
          :title="words.removeRung"
          @click="remove(at)"
        >
          ×
        </button>
      </template>
      <template v-else
        ><span class="bar" /><span
          class="symbol"
          :class="{ numbered: hasUndrawable(rung.symbol) }"
          >{{ drawable(rung.symbol) }}</span
        ><span class="word">{{ drawable(rung.word) }}</span></template
      >
    </div>
    <p v-if="going" class="said" role="alert" :style="{ top: `${y(going.rung) + 14}px` }">
      {{
        words.inUse({
          users: going.users.join(', '),
          count: going.users.length,
          symbol: going.rung.symbol,
        })
      }}
      <QuietButton @click="remove(going!.at, true)">
        {{ words.removeAnyway }}
      </QuietButton>
      <QuietButton @click="going = null">{{ words.keep }}</QuietButton>
    </p>
    <p v-else-if="trouble" class="said" role="alert" :style="{ top: `${top * STEP + 10}px` }">
      {{ words.notSaved({ problem: trouble }) }}
    </p>
  </div>
</template>

<style scoped>
.ladder {
  position: relative;
}

.rail {
  position: absolute;
  inset-block: 0;
  width: 3px;
  background: var(--rule);
}

.left {
  left: 6px;
}

.right {
  left: 64px;
}

.numbered {
  font-size: 10px;
}

.rung {
  position: absolute;
  left: 0;
  display: grid;
  grid-template-columns: 73px minmax(0, 1fr) auto;
  gap: 0 var(--gap-1);
  align-items: center;
  width: 100%;
  height: 22px;
  margin-top: -11px;
}

/* Of two rungs a power apart the one in hand lies on top. */
.rung:hover,
.rung:focus-within {
  z-index: 2;
}

.bar {
  grid-area: 1 / 1 / 2 / 2;
  width: 61px;
  height: 3px;
  margin-left: 6px;
  padding: 0;
  border: 0;
  background: var(--ink-faint);
}

.used .bar:not(.grip) {
  height: 5px;
  background: var(--jade);
}

/* The rod with a bead at each end: the beads can be taken hold of, and stand out of the symbol's field. */
.grip {
  --bead: var(--ink-faint);
  width: 73px;
  height: 22px;
  margin-left: 0;
  background:
    radial-gradient(circle at 7px 50%, var(--bead) 5px, transparent 6px),
    radial-gradient(circle at calc(100% - 7px) 50%, var(--bead) 5px, transparent 6px),
    linear-gradient(var(--bead), var(--bead)) center / 59px 3px no-repeat;
  cursor: ns-resize;
  touch-action: none;
}

.used .grip {
  --bead: var(--jade);
}

.grip:hover {
  --bead: var(--ink);
}

.symbol {
  grid-area: 1 / 1 / 2 / 2;
  justify-self: center;
  max-width: 46px;
  padding: 0 4px;
  overflow: hidden;
  background: var(--sheet);
  font-weight: 600;
  text-align: center;
}

.word {
  grid-area: 1 / 2 / 2 / 3;
  padding-left: var(--gap-2);
  overflow: hidden;
  color: var(--ink-soft);
  white-space: nowrap;
  text-overflow: ellipsis;
}

input.symbol,
input.word {
  width: 100%;
  height: 20px;
  padding: 0 2px;
  border: 1px solid transparent;
  border-radius: 3px;
  box-shadow: none;
  color: inherit;
  font: inherit;
}

input.symbol {
  z-index: 1;
  width: 46px;
  border-color: var(--rule);
  font-weight: 600;
}

input.word {
  padding-left: var(--gap-2);
  background: var(--sheet);
  border-bottom-color: var(--rule-soft);
}

.away {
  grid-area: 1 / 3 / 2 / 4;
  padding: 0 4px;
  border: 0;
  background: none;
  color: var(--ink-faint);
  cursor: pointer;
  opacity: 0.4;
}

.rung:hover .away,
.away:focus-visible {
  opacity: 1;
}

.said {
  position: absolute;
  left: 0;
  z-index: 3;
  width: 200px;
  padding: var(--gap-2);
  background: var(--sheet);
  border-left: 2px solid var(--rosewood);
  box-shadow: var(--shadow);
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
