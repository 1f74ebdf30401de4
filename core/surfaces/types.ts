/** A surface: a place where numbers are written, and all that the checks have to know of it. */
export interface SurfaceTraits {
  /** How it stands in a sentence. */
  readonly where: string
  /**
   * Whether its labels are those of ticks: places on a scale, which stand at even steps, and no
   * numbers of the data.
   */
  readonly hasTicks: boolean
  /** Whether it is drawn within the chart, so that the form of the chart decides what room it has. */
  readonly isInChart: boolean
  /**
   * Whether its labels stand at marks: these can be laid down, turned, made fewer, or given a second
   * line.
   */
  readonly isAtMarks: boolean
  /** Whether its numbers are those of marks, each put together from the rows behind it. */
  readonly isOfMarks: boolean
  /**
   * Whether it tells what the shades of marks stand for, so that it is there only where marks are
   * shaded.
   */
  readonly isOfShades: boolean
  /** Whether each of its labels is the cell of a row. */
  readonly isByRow: boolean
  /** Whether its labels stand in sentences, between words. */
  readonly isProse: boolean
  /** Whether labels share its room side by side; otherwise each has all of it. */
  readonly sharesRoom: boolean
  /** Whether labels stand in one line, so that decimals that differ are seen. */
  readonly isInLine: boolean
  /** Whether labels are compared down that line, so that rungs that differ mislead. */
  readonly isCompared: boolean
  /** Whether it has a title of its own that can say rung and unit for all labels. */
  readonly hasOwnTitle: boolean
  /** Whether some title tells what its labels leave out: its own, or the chart's. */
  readonly isTitled: boolean
  /** Whether each label stands alone, without a neighbour that could say what it leaves out. */
  readonly isAlone: boolean
  /** Whether readers pass over it; a table and a tooltip are asked for the number itself. */
  readonly isPassedOver: boolean
  /** How many telling digits readers keep of a number here; null where that is not asked. */
  readonly mostKept: number | null
}

/** What most surfaces have in common. */
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
