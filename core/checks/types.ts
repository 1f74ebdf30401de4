import type { Decimal } from '../decimal/decimal'
import type { AggregateId } from '../data/aggregate'
import type { Role } from '../data/roles'
import type { DecidedColumn, Decision } from '../label/fast/column'
import type { Context } from '../label/context'
import type { Plan, Row } from '../label/types'
import type { FieldName, FullStyle, Style } from '../style/fields'
import type { Surface } from '../surfaces'
import type { Weight } from '../text/advance'

export type Severity = 'error' | 'warning' | 'note'

/**
 * Where labels stand: their room in CSS pixels, and their type. Labels of an axis, of marks and of
 * a legend stand side by side in it; each other label has all of it.
 */
export interface Room {
  readonly width: number
  readonly fontSize: number
  /** Of the labels; what stands beside them is regular. */
  readonly weight?: Weight
  /**
   * What an axis spans from end to end of its room; from its first tick to its last where it is not
   * given.
   */
  readonly ends?: readonly [Decimal, Decimal]
  /**
   * Whether each label has all of the width, though labels of its surface stand side by side
   * elsewhere.
   */
  readonly each?: boolean
  /**
   * Where the middles of labels stand in it, in pixels; evenly, or along a linear axis, where they
   * are not given.
   */
  readonly middles?: readonly number[]
  /**
   * Whether labels stand above each other, as at the left of a chart: then the width is its height.
   */
  readonly stacked?: boolean
  /** Where the picture begins and ends along them; what stands out of it is not seen. */
  readonly frame?: readonly [from: number, to: number]
  /** How wide labels above each other may be. */
  readonly across?: number
  /** Whether labels stand upright along the axis, a quarter turned. */
  readonly turned?: boolean
  /** The room that each label has where the marks are laid down, if they can be. */
  readonly laidDown?: number
  /** Whether labels of marks can be turned to stand upright. */
  readonly canTurn?: boolean
  /** Whether the labels are in smaller type already. */
  readonly small?: boolean
}

/** A rule of the house: what a field is, or is not, on a surface or on all of them. */
export interface HouseRule {
  readonly surface?: Surface | undefined
  readonly field: FieldName
  /** One of the two: what it has to be, and what it must not be. */
  readonly is?: unknown
  readonly isNot?: unknown
  /** In the words of those who made it. */
  readonly why: string
}

/** Decimals; or, for long columns, doubles that stand for the shortest decimals that they mean. */
export type Values = readonly Decimal[] | Float64Array

/** What is checked: values as they are written on one surface. */
export interface Subject {
  readonly surface: Surface
  readonly style: Style
  /** Why this is not the style that was asked for: that one cannot be written. */
  readonly refused?: string | undefined
  readonly values: Values
  /** The rows that the values stand in, where cases look at their cells. */
  readonly rows?: readonly Row[]
  /** The step between an axis's ticks. */
  readonly step?: Decimal
  readonly context?: Context
  /** What is counted whole is marked `count`. */
  readonly kind?: string
  /** What the column of the values is. */
  readonly role?: Role
  /** How the rows of each mark are put together, where a mark stands for several. */
  readonly aggregate?: AggregateId
  /** The column that ratios were divided by, where that is known. */
  readonly divisor?: string
  /** The least and the largest number that is drawn along an axis. */
  readonly data?: readonly [Decimal, Decimal]
  /** Labels written by hand in place of the style's, tick by tick. */
  readonly byHand?: readonly string[]
  /** The whole that the values are parts of, printed beside them. */
  readonly total?: Decimal
  /**
   * The units that the numbers were put together from, where no rate leads from one to the other:
   * marks on one scale, rows that were added, a sentence about all of them.
   */
  readonly mixed?:
    | {
        readonly over: 'scale' | 'sum' | 'words' | 'rowsTotal'
        /** The column that names the units, and the units, the one of most rows first. */
        readonly column: string
        readonly units: readonly string[]
        /** The places of the values that are of several units; all where it is absent. */
        readonly at?: readonly number[]
      }
    | undefined
  /** Whether the values are shares of one whole, all of them. */
  readonly shares?: boolean
  /** Shares of one whole that are printed beside the values, all of them, and their style. */
  readonly shareParts?: { readonly style: Style; readonly values: readonly Decimal[] }
  /** The places of the values that are summed; all where it is absent. */
  readonly selection?: readonly number[]
  /** Changes printed beside the values: from one place to another. */
  readonly changes?: readonly {
    readonly from: number
    readonly to: number
    readonly value: Decimal
  }[]
  /** What changes are written in, where that is not the values' style. */
  readonly changeStyle?: Style
  /** What a legend parts into bins; the values are its edges. */
  readonly binned?: readonly Decimal[]
  /** Cells of the column that are no numbers, by row from 1. */
  readonly texts?: readonly { readonly row: number; readonly text: string }[]
  /**
   * What stands behind each label on its own line, label by label; and what stands on a second
   * line.
   */
  readonly around?: readonly string[]
  readonly below?: readonly string[]
  /** What stands over the labels: the title of an axis, the head of a column. */
  readonly title?: string
  /** The sentence that the labels stand in. */
  readonly text?: string
  /** Other surfaces on which the same values are written. */
  readonly others?: readonly { readonly surface: Surface; readonly style: Style }[]
  /** Other quantities that are read together with these values, as they stand on the surface. */
  readonly together?: readonly { readonly title: string; readonly style: FullStyle }[]
  /** The room that the labels have, where it is known. */
  readonly room?: Room
  /** The regions whose people read the labels, where they are declared. */
  readonly readers?: readonly string[]
  /** The rules of the house, those of other surfaces among them. */
  readonly rules?: readonly HouseRule[]
}

/** A subject with all decided: what a check looks at. */
export interface Proof extends Subject {
  /** The style with every field. */
  readonly full: FullStyle
  readonly plan: Plan
  /**
   * What is decided: value by value in a short list; in a long column each decision once, however
   * often it stands there.
   */
  readonly decisions: readonly Decision[]
  /** Which of the decisions each value has. */
  readonly which: Int32Array
  /** What doubles tell of a long column, decision by decision. */
  readonly column?: DecidedColumn
}

/**
 * What stands behind a label goes to a line of its own; or only the ends, the largest and the least
 * of the marks carry a label.
 */
export type Layout = 'secondLine' | 'smallerType' | 'turned' | 'laidDown' | 'fewerLabels'
/** A change that may make a check hold. */
export interface Change {
  /** What it turns to: of changes that turn to the same, the smallest that is good is offered. */
  readonly way:
    | 'decimals'
    | 'rung'
    | 'notation'
    | 'exponent'
    | 'ticks'
    | 'sign'
    | 'cases'
    | 'unit'
    | 'marks'
    | 'labels'
    | 'layout'
    | 'type'
    | 'turn'
    | 'form'
    | 'total'
    | 'filter'
    | 'aggregate'
    | 'weight'
  /** Complete: it replaces the style. */
  readonly style: Style
  /** New ticks, where the change is one of the axis. */
  readonly ticks?: { readonly step: string; readonly enclose?: boolean }
  /** Whether labels by hand give way to the style's. */
  readonly dropsLabels?: boolean
  /** The rows that stay, where the others go. */
  readonly filter?: { readonly column: string; readonly is: readonly string[] }
  /** Whether the total goes. */
  readonly dropsTotal?: boolean
  /** How the rows of each mark are put together instead. */
  readonly aggregate?: AggregateId
  /** The column that their mean is weighted by. */
  readonly weight?: string
  /** How labels of marks stand, where the change is one of the chart. */
  readonly layout?: Layout
}

/** What a fix is about: numbers and names that its words say. */
export type FixParams = Readonly<Record<string, string | number>>
/** A change with its words. */
export interface Fix extends Change {
  /** What it does, and with what: the same for every surface that it mends. */
  readonly id: string
  readonly params: FixParams
  readonly title: string
}

/** Numbers, labels and names that the words of a finding say. */
export type FindingParams = Readonly<Record<string, string | number | readonly (string | number)[]>>
/** What a check finds, without words. */
export interface Found<Params> {
  readonly severity: Severity
  readonly params: Params
  /** The places of the values that it is about. */
  readonly at: readonly number[]
}
/** A finding in words. */
export interface ToldFinding extends Found<FindingParams> {
  readonly check: string
  /** What the reader will think, where, and by how much. */
  readonly message: string
}
export interface Finding extends ToldFinding {
  readonly fixes: readonly Fix[]
  /** What else has the same cause, and goes with it. */
  readonly also?: readonly ToldFinding[]
}

/** @typeParam Params what its message says */
export interface Check<Params = FindingParams> {
  readonly id: string
  readonly title: string
  /**
   * The checks whose findings have the same cause where both are found: of its own values, or
   * everywhere on the surface.
   */
  readonly brings?: { readonly checks: readonly string[]; readonly everywhere?: boolean }
  /** How many of its fixes are offered; two where it is not given. */
  readonly mostFixes?: number
  /** How grave it is, and where otherwise, for the guide. */
  readonly weight: string
  /** What it finds, and when, for the guide. */
  readonly finds: string
  /** @returns what does not hold, without fixes; null where all is well */
  find(proof: Proof): Found<Params> | null
  /** What is found, in words: a translation changes these, the titles and those of fixes alone. */
  message(params: Params): string
  /** Changes worth trying, the smallest first; only those that prove good are offered. */
  propose(proof: Proof): Iterable<Fix>
}
