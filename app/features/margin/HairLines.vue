<script setup lang="ts">
import type { PageSurface } from '~~/shared/page/surfaces/types'
import { pageSurfaces } from '~~/shared/page/surfaces'
import { useElementSize, useEventListener } from '@vueuse/core'
import type { Surface } from '~~/core/surfaces'
import type { Card, PlacedFinding } from './cards'

/**
 * Joins findings to the first label that each is about: those beside the margin always, one across
 * the page while its card is in hand.
 */
const props = defineProps<{ desk: HTMLElement | null; cards: readonly Card[] }>()

interface Line {
  readonly path: string
  readonly severity: string
  readonly isInHand: boolean
}
/** Lines run in the gutter beside the page, each in a channel of its own, and above the chart. */
const CHANNEL = 5
const CARD_LINE = 11
const lines = shallowRef<Line[]>([])
const { width, height } = useElementSize(() => props.desk)

/** The selector of the target of a line on a surface. */
const targets: Record<PageSurface['leadsTo'], (surface: Surface, at: number) => string> = {
  label: (surface, at) => `[data-surface="${surface}"][data-at="${at}"]`,
  whole: (surface) => `[data-surface="${surface}"]`,
  head: (surface) => `[data-head="${surface}"]`,
}
function targetOf({ surface, other, at }: PlacedFinding): string {
  return other ? '[data-second]' : targets[pageSurfaces[surface].leadsTo](surface, at[0] ?? 0)
}
/** Whether a line goes straight to its target; the other lines run above the page. */
const isBeside = ({ surface, other }: PlacedFinding) => pageSurfaces[surface].isAtLeft && !other

function pathTo(finding: PlacedFinding, at: number, desk: HTMLElement): string | null {
  const origin = desk.getBoundingClientRect()
  const card = desk.querySelector(`[data-finding="${at}"]`)?.getBoundingClientRect()
  const target = desk.querySelector(targetOf(finding))?.getBoundingClientRect()
  const body = desk.querySelector('[data-page-body]')?.getBoundingClientRect()
  if (!card || !target || !body) return null
  const [x1, y1] = [card.right - origin.left, card.top + CARD_LINE - origin.top]
  const channel = x1 + (at + 1) * CHANNEL
  const start = `M${x1} ${y1}H${channel}`
  if (isBeside(finding))
    return `${start}V${target.top + target.height / 2 - origin.top}H${target.left - 3 - origin.left}`
  const over = body.top - origin.top - at * 3
  return `${start}V${over}H${(target.left + target.right) / 2 - origin.left}V${target.top - 2 - origin.top}`
}

/** The card under the pointer or with the focus. */
const NONE = -1
const inHand = ref(NONE)
function take(event: Event) {
  const card = (event.target as Element).closest<HTMLElement>('[data-finding]')?.dataset.finding
  inHand.value = card === undefined ? NONE : Number(card)
}
useEventListener(() => props.desk, ['pointerover', 'focusin'], take, { passive: true })
watch(
  () => props.cards,
  () => (inHand.value = NONE),
)

function place() {
  const { desk, cards } = props
  if (!desk) return
  lines.value = cards.flatMap(({ main: finding }, at) => {
    const isInHand = at === inHand.value
    const path = isInHand || isBeside(finding) ? pathTo(finding, at, desk) : null
    return path ? [{ path, severity: finding.severity, isInHand }] : []
  })
}
const soon = () => requestAnimationFrame(place)
watch(() => [props.cards, width.value, height.value, inHand.value], soon, {
  flush: 'post',
  immediate: true,
})
useEventListener(() => props.desk, 'scroll', soon, { capture: true, passive: true })
</script>

<template>
  <svg class="hairlines" :width="width" :height="height" aria-hidden="true">
    <path
      v-for="(line, at) in lines"
      :key="at"
      :class="[line.severity, { 'in-hand': line.isInHand }]"
      :d="line.path"
    />
  </svg>
</template>

<style scoped>
.hairlines {
  position: absolute;
  inset: 0;
  pointer-events: none;
}

path {
  fill: none;
  stroke: var(--rosewood);
  stroke-width: 0.75;
  opacity: 0.4;
}

.in-hand {
  stroke-width: 1;
  opacity: 0.9;
}

path.warning {
  stroke: var(--amber);
}
</style>
