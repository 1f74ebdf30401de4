<script setup lang="ts">
import { textWidth } from '~~/core/text/advance'
import { LEADING, TO_BASELINE } from '~~/shared/forms/places'
import type { ChartForm, LabelSpot, MarkPlace } from '~~/shared/forms/types'
import { lineOf, partText } from '~~/shared/page/layout'
import type { MarkText } from '~~/shared/page/marks'
import type { PlaceSet } from '~/features/margin/cards'
import { vLabel } from '~/controls/vLabel'

/** The labels of a chart's marks, part by part and line by line. */
const props = defineProps<{
  form: ChartForm
  marks: readonly MarkPlace[]
  /**
   * Places of the marks that carry a label, and that of the first label among those of all panels.
   */
  labelled: readonly number[]
  firstLabel: number
  /** Labels come as they change, so that the drawing need not. */
  labels: Readonly<Ref<readonly string[]>>
  /** What stands on each mark, part by part. */
  beside: Readonly<Ref<readonly (readonly MarkText[])[]>>
  /** How many lines that takes at most. */
  lines: number
  /** Whether labels go into marks that have room for them. */
  inside: boolean
  /** Whether they stand upright, a quarter turned. */
  turned: boolean
  isRightToLeft: boolean
  /** Whether they stand over a line, which then must not run through them. */
  isOver: boolean
  flagged: PlaceSet
  fontSize: number
}>()

/** Around a label inside its mark. */
const INSET = 5
const lineHeight = computed(() => props.fontSize * LEADING)
const partsAt = (i: number) => props.beside.value[i + props.firstLabel] ?? []
const textAt = (i: number, place: number) =>
  partText(partsAt(i), props.labels.value[i + props.firstLabel], place)
const textOn = (i: number, line: number) =>
  lineOf(props.beside.value, props.labels.value, i + props.firstLabel, line)
/** How many lines a mark's label has: the first of all has no change to tell. */
const linesAt = (i: number) => Math.max(0, ...partsAt(i).map(({ line }) => line)) + 1
const partsOn = (i: number, line: number) =>
  partsAt(i).flatMap((part, place) => (part.line === line ? [{ ...part, place }] : []))

interface Place {
  readonly spot: LabelSpot
  readonly isInside: boolean
}
/**
 * Where a label stands: at its mark's end, or inside it where that is wanted and all its lines fit.
 */
function placeOf(i: number): Place {
  const { shape, label } = props.marks[props.labelled[i]!]!
  const outside = { spot: label, isInside: false }
  if (!props.inside || shape.kind !== 'rect' || !props.form.inside) return outside
  const count = linesAt(i)
  const widths = Array.from({ length: count }, (_, line) =>
    textWidth(textOn(i, line), props.fontSize, '600'),
  )
  const size = {
    width: Math.max(...widths),
    height: count * lineHeight.value + INSET,
    line: lineHeight.value,
  }
  const spot = props.form.inside(shape, label, size)
  return spot ? { spot, isInside: true } : outside
}
/**
 * Upper lines rise from where a label stands; others go down, from the middle where it lies beside
 * its mark.
 */
function lineY(i: number, line: number): number {
  const { spot, isInside } = placeOf(i)
  const below = linesAt(i) - 1 - line
  if (isInside && !props.form.labelsEnds) return spot.y + lineHeight.value * line
  return spot.y - lineHeight.value * (spot.rises ? below : below - (props.lines - 1) / 2)
}
/** Where a line of a label stands; a turned one begins where the other has its middle. */
function stands(i: number, line: number) {
  const { spot } = placeOf(i)
  const y = lineY(i, line)
  if (!props.turned) return { x: spot.x, y, 'text-anchor': spot.anchor }
  const x = spot.x + props.fontSize * TO_BASELINE
  const anchor = props.isRightToLeft ? 'end' : 'start'
  return { x, y, 'text-anchor': anchor, transform: `rotate(-90 ${x} ${y})` }
}
/** What a part is: the number itself, its name, or a number of its own. */
const isValue = ({ part }: MarkText) => part === 'value'
const levelOf = ({ part }: MarkText) => (part === 'value' || part === 'name' ? undefined : part)
</script>

<template>
  <g :style="{ fontSize: `${fontSize}px` }">
    <template v-for="(at, i) in labelled" :key="`mark ${at}`">
      <text
        v-for="line in lines"
        :key="line"
        v-bind="stands(i, line - 1)"
        :class="['label', { over: isOver, inside: placeOf(i).isInside }]"
      >
        <tspan
          v-for="part in partsOn(i, line - 1)"
          :key="part.part"
          v-label="() => textAt(i, part.place)"
          :data-part="part.part"
          :data-level="levelOf(part)"
          :data-surface="isValue(part) ? 'marks' : undefined"
          :data-at="isValue(part) ? i + firstLabel : undefined"
          :class="isValue(part) ? ['mark', { flagged: flagged.has(i + firstLabel) }] : 'side'"
        />
      </text>
    </template>
  </g>
</template>

<style scoped>
.label {
  fill: var(--ink);
}

.mark {
  font-weight: 600;
}

.label.over {
  paint-order: stroke;
  stroke: var(--sheet);
  stroke-width: 3px;
}

.inside,
.inside .side {
  fill: var(--sheet);
}

.side {
  fill: var(--ink-soft);
}

.flagged {
  fill: var(--rosewood);
  text-decoration: var(--misleading);
  text-underline-offset: 3px;
}
</style>
