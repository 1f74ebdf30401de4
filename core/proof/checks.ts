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
  title: 'A label is in the wrong place',
  weight: 'error',
  finds: 'a label of an axis that is another number than the scale has at its position',
  message: ({ label, said, value, count }) =>
    `${quoted(label)} reads as ${said}, but the scale has ${value} at its position${count > 1 ? `. ${count} labels are in the wrong place` : ''}.`,
}
export const unevenSpacing: PlaceCheck<{ labels: readonly string[] }> = {
  id: 'uneven-spacing',
  title: 'Labels do not match their distances',
  weight: 'error',
  finds:
    'an axis whose labels have distances that fit no linear, logarithmic or symmetric logarithmic scale',
  message: ({ labels }) =>
    `${listed(labels.map(quoted))} have distances that fit no scale. Readers who measure between them are wrong.`,
}
export const markMismatch: PlaceCheck<{
  label: string
  said: string
  reached: string
  count: number
}> = {
  id: 'mark-mismatch',
  title: 'A mark contradicts its label',
  weight: 'error',
  finds:
    'a data label that differs from the end of its mark by more than the last digit and a pixel',
  message: ({ label, said, reached, count }) =>
    `The mark labelled ${quoted(label)}, which reads as ${said}, ends at ${reached} on its axis${count > 1 ? `. ${count} marks contradict their labels` : ''}.`,
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
