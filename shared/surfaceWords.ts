import type { Surface } from '../core/checks/types'

/** Each surface as it stands in a sentence. */
export const surfaceWords: Readonly<Record<Surface, string>> = {
  axis: 'on the axis',
  marks: 'on the marks',
  table: 'in the table',
  tooltip: 'in the tooltip',
  legend: 'in the legend',
  headline: 'in the headline',
  sentence: 'in the sentence',
}
