/** A surface, a place where numbers are written, with everything that checks ask about it. */
export interface SurfaceTraits {
  /** Whether its labels belong to ticks at even steps of a scale, and not to the data. */
  readonly hasTicks: boolean
  /** Whether it is inside the chart, so the form of the chart decides how much space it has. */
  readonly isInChart: boolean
  /** Whether its labels are on marks, so they can be turned, thinned out or moved. */
  readonly isAtMarks: boolean
  /** Whether its numbers belong to marks, each of which may aggregate several rows. */
  readonly isOfMarks: boolean
  /** Whether it explains the shades of marks, so it appears only if marks are shaded. */
  readonly isOfShades: boolean
  /** Whether each of its labels is a cell of a table row. */
  readonly isByRow: boolean
  /** Whether its labels are part of sentences. */
  readonly isProse: boolean
  /** Whether its labels share its space side by side; otherwise each label has all of it. */
  readonly sharesRoom: boolean
  /** Whether its labels form a row or column, so readers notice if their decimals differ. */
  readonly isInLine: boolean
  /** Whether readers compare its labels with each other, so mixed rungs mislead. */
  readonly isCompared: boolean
  /** Whether it has a title of its own, which can state the rung and the unit for all labels. */
  readonly hasOwnTitle: boolean
  /** Whether a title, its own or the chart's, can state what its labels leave out. */
  readonly isTitled: boolean
  /** Whether each label is alone: no label next to it can state what it leaves out. */
  readonly isAlone: boolean
  /** Whether readers only glance at it; in a table or a tooltip they look a number up. */
  readonly isPassedOver: boolean
  /** How many significant digits readers remember from it; null if no check limits them. */
  readonly mostKept: number | null
}

/** The traits that most surfaces share. */
export const USUAL = {
  hasTicks: false,
  isInChart: false,
  isAtMarks: false,
  isOfMarks: false,
  isOfShades: false,
  isByRow: false,
  isProse: false,
  sharesRoom: false,
  isInLine: false,
  isCompared: false,
  hasOwnTitle: false,
  isTitled: false,
  isAlone: false,
  isPassedOver: true,
  mostKept: null,
} as const satisfies Partial<SurfaceTraits>
