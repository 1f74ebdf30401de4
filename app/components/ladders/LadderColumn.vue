<script setup lang="ts">
import type { LadderRung } from '~~/core/ladders/types'
import { superscript } from '~~/core/label/write'
import type { DrawnLadder, StudyLadder } from '~~/shared/ladders'
import { freeNames, freePower, heightOf, ladderTrouble, STEP } from '~/desk/ladders'

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

/** What stands in the fields: it is kept with the study as soon as it is a ladder. */
const draft = ref<LadderRung[]>(props.ladder.rungs.map((rung) => ({ ...rung })))
watch(() => props.ladder.rungs, (rungs) => {
  if (!trouble.value) draft.value = rungs.map((rung) => ({ ...rung }))
})
const asked = computed<StudyLadder>(() => ({
  title: props.ladder.title, ...(props.ladder.base === 10 ? {} : { base: props.ladder.base }), rungs: [...draft.value].sort((a, b) => a.power - b.power),
}))
const trouble = computed(() => (props.ladder.isOwn ? ladderTrouble(asked.value) : ''))
function keep(what: string) {
  if (!trouble.value) emit('change', `${props.ladder.title}: ${what}`, asked.value)
}
const y = (rung: LadderRung) => (props.top - heightOf(props.ladder, rung)) * STEP
const rungs = computed(() => (props.ladder.isOwn ? draft.value : props.ladder.rungs))

function rename(rung: LadderRung, key: 'symbol' | 'word', text: string) {
  rung[key as never] = text.trim() as never
  keep(`call 10^${rung.power} ${text}`)
}
/** A rung climbs to the next power that is free. */
function climb(rung: LadderRung, by: 1 | -1) {
  const taken = new Set(draft.value.map(({ power }) => power))
  let power = rung.power + by
  while (taken.has(power) || power === 0) power += by
  const before = rung.power
  ;(rung as { power: number }).power = power
  keep(`move ${rung.symbol} from 10^${before} to 10^${power}`)
}
function press(event: KeyboardEvent, rung: LadderRung) {
  const by = { ArrowUp: 1, ArrowDown: -1 }[event.key] as 1 | -1 | undefined
  if (!by) return
  event.preventDefault()
  climb(rung, by)
}
let held: { rung: LadderRung; from: number; power: number } | null = null
function take(event: PointerEvent, rung: LadderRung) {
  held = { rung, from: event.clientY, power: rung.power }
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent) {
  if (!held) return
  const wanted = held.power + Math.round((held.from - event.clientY) / STEP)
  const by = Math.sign(wanted - held.rung.power) as 1 | -1 | 0
  if (by !== 0 && wanted !== 0 && !draft.value.some(({ power }) => power === wanted)) {
    ;(held.rung as { power: number }).power = wanted
    keep(`move ${held.rung.symbol} to 10^${wanted}`)
  }
}
const release = () => (held = null)
function add() {
  const power = freePower(draft.value)
  draft.value.push(freeNames(draft.value, power))
  keep(`add a rung at 10^${power}`)
}
/** A rung that is fixed somewhere is taken away only when that is said. */
const going = shallowRef<{ rung: LadderRung; users: string[] } | null>(null)
function remove(rung: LadderRung, isSure = false) {
  const users = props.fixedOn(rung.power)
  if (users.length > 0 && !isSure) return (going.value = { rung, users })
  going.value = null
  draft.value = draft.value.filter((one) => one !== rung)
  keep(`take away ${rung.symbol}`)
}
defineExpose({ add })
</script>

<template>
  <div class="ladder" :style="{ height: `${height}px` }" :data-ladder="ladder.id">
    <span class="rail left" /><span class="rail right" />
    <div v-for="(rung, at) in rungs" :key="ladder.isOwn ? at : rung.power" class="rung" :class="{ used: used.has(rung.power) }" :style="{ top: `${y(rung)}px` }" :data-power="rung.power">
      <template v-if="ladder.isOwn">
        <button type="button" class="bar grip" :aria-label="`Move ${rung.symbol}, at 10 to the ${rung.power}`" :title="`10${superscript(rung.power)}: drag it, or use the arrow keys`" @keydown="press($event, rung)" @pointerdown="take($event, rung)" @pointermove="drag" @pointerup="release" @pointercancel="release" />
        <input :value="rung.symbol" class="symbol" maxlength="40" spellcheck="false" :aria-label="`Symbol of 10 to the ${rung.power}`" @input="rename(rung, 'symbol', ($event.target as HTMLInputElement).value)" />
        <input :value="rung.word" class="word" maxlength="40" spellcheck="false" :aria-label="`Word of 10 to the ${rung.power}`" @input="rename(rung, 'word', ($event.target as HTMLInputElement).value)" />
        <button type="button" class="away" :aria-label="`Take ${rung.symbol} away`" title="Take this rung away" @click="remove(rung)">×</button>
      </template>
      <template v-else><span class="bar" /><span class="symbol">{{ rung.symbol }}</span><span class="word">{{ rung.word }}</span></template>
    </div>
    <p v-if="going" class="said" role="alert" :style="{ top: `${y(going.rung) + 14}px` }">
      {{ going.users.join(', ') }} {{ going.users.length === 1 ? 'has' : 'have' }} every label fixed on {{ going.rung.symbol }}.
      <button type="button" class="quiet" @click="remove(going!.rung, true)">take it away; each label finds its own rung</button>
      <button type="button" class="quiet" @click="going = null">keep it</button>
    </p>
    <p v-else-if="trouble" class="said" role="alert" :style="{ top: `${top * STEP + 10}px` }">{{ trouble }} Nothing is kept until it is mended.</p>
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

.bar {
  grid-area: 1 / 1 / 2 / 2;
  width: 61px;
  height: 3px;
  margin-left: 6px;
  padding: 0;
  border: 0;
  background: var(--ink-faint);
}

.used .bar {
  height: 5px;
  background: var(--jade);
}

.grip {
  height: 5px;
  cursor: ns-resize;
  touch-action: none;
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
  border: 1px solid transparent;
  border-radius: 3px;
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
  background: transparent;
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
  z-index: 2;
  width: 200px;
  padding: var(--gap-2);
  background: var(--sheet);
  border-left: 2px solid var(--rosewood);
  box-shadow: var(--shadow);
  color: var(--rosewood);
  font-size: var(--text-small);
}
</style>
