import { fix } from '../checks/fixes'
import { listed, quoted } from '../checks/numbers'
import type { Check } from '../checks/types'
import { withFraction } from '../style/decimals'
import type { Style } from '../style/fields'

/** What is found of labels by where they stand: words and weight as of every other check. */
type PlaceCheck<Params> = Pick<Check<Params>, 'id' | 'title' | 'weight' | 'finds' | 'message'>

export const misplaced: PlaceCheck<{
  label: string
  said: string
  value: string
  count: number
}> = {
  id: 'misplaced',
  title: 'A label is not the number of its place',
  weight: 'error',
  finds: 'a label of an axis that says another number than the scale has where it stands',
  message: ({ label, said, value, count }) =>
    `${quoted(label)} reads as ${said}, and stands where the scale has ${value}${count > 1 ? `; ${count} labels stand at other numbers than their own` : ''}.`,
}
export const unevenSpacing: PlaceCheck<{ labels: readonly string[] }> = {
  id: 'uneven-spacing',
  title: 'Labels and distances do not agree',
  weight: 'error',
  finds:
    'an axis whose labels stand at distances that no linear, logarithmic or symmetric scale has',
  message: ({ labels }) =>
    `${listed(labels.map(quoted))} stand at distances that fit no scale: a reader who measures between them goes wrong.`,
}
export const markMismatch: PlaceCheck<{
  label: string
  said: string
  reached: string
  count: number
}> = {
  id: 'mark-mismatch',
  title: 'A mark shows another number than its label',
  weight: 'error',
  finds:
    "a data label that its mark does not reach, or passes, by more than the label's last place and a pixel",
  message: ({ label, said, reached, count }) =>
    `The mark labelled ${quoted(label)}, which reads as ${said}, ends at ${reached} on its axis${count > 1 ? `; ${count} marks do not show what their labels say` : ''}.`,
}

/** Checks that look at where labels stand. */
export const placeChecks: readonly PlaceCheck<never>[] = [misplaced, unevenSpacing, markMismatch]

/** Every label from the number of its place, as most of them are written. */
export const labelsFromPlaces = (style: Style) =>
  fix(
    'labels-from-places',
    {},
    { way: 'labels', style: { ...style, ...withFraction(style, 'step') } },
  )
