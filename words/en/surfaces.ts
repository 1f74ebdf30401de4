/** What the surfaces of a page are called, and where their labels are. */
export const surfaces = {
  names: {
    axis: 'axis',
    marks: 'data labels',
    table: 'table',
    tooltip: 'tooltip',
    legend: 'legend',
    headline: 'headline',
    sentence: 'sentence',
  },
  where: {
    axis: 'on the axis',
    marks: 'on the data labels',
    table: 'in the table',
    tooltip: 'in the tooltip',
    legend: 'in the legend',
    headline: 'in the headline',
    sentence: 'in the sentence',
  },
} as const
