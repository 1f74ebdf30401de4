import type { Group } from '../../core/data/aggregate'
import type { Decimal } from '../../core/decimal/decimal'
import type { AxisKind } from '../../core/ticks/along'
import type { MarkPart } from './parts'

/** Where the axis has its ticks. */
export interface AxisTicks {
  readonly values: readonly Decimal[]
  /** The step: decimal text, or a fraction of the constant; null where there is none. */
  readonly step: string | null
  readonly kind: AxisKind
}
/** A part of a drawing with a name of its own: its groups from one place to before another. */
export interface Panel {
  readonly name: string | null
  readonly from: number
  readonly to: number
  /** The sum of all that it could draw. */
  readonly whole: Decimal
  /** Its own axis, where its numbers share no scale with those of the other panels. */
  readonly scale: Scale | null
}
/** What an axis reaches over, and its ticks. */
export interface Scale {
  /** What the marks reach over, zero included. */
  readonly domain: readonly [Decimal, Decimal]
  /** What the ticks are to span. */
  readonly wanted: readonly [Decimal, Decimal]
  readonly ticks: AxisTicks
}
/** Marks parted into pieces by a column, one colour for each of its values. */
export interface Stacks {
  /**
   * What the colours stand for, the largest in all first; those beyond the colours are one, the
   * last.
   */
  readonly names: readonly string[]
  /** The number of each colour in each group, zero where it has none. */
  readonly pieces: readonly (readonly Decimal[])[]
}
/**
 * What the chart draws: the largest categories, and the axis that they stand on; where panels have
 * axes of their own, the first one's.
 */
export interface Drawing extends Scale {
  readonly groups: readonly Group[]
  /** Every category, drawn or not. */
  readonly all: readonly Group[]
  /** Where each panel's groups stand among them; a chart of one piece is a panel without a name. */
  readonly panels: readonly Panel[]
  /** Places of the groups whose marks carry a label. */
  readonly labelled: readonly number[]
  /** The pieces of each group's mark, where a column parts them by colours. */
  readonly stacks: Stacks | null
  /** How the values of all rows lie along the axis, of a distribution. */
  readonly density: readonly number[] | null
  /** What each group's change is told from, by another column; null where there is none. */
  readonly against: readonly (Decimal | null)[] | null
  /** Why something wanted is not drawn: ticks, colours; empty where all is. */
  readonly trouble: string
}

export type Anchor = 'start' | 'middle' | 'end'
export interface Spot {
  readonly x: number
  readonly y: number
  readonly anchor: Anchor
}
/** A tick: where its label stands, and the line that it draws across the chart. */
export interface TickPlace extends Spot {
  readonly line: readonly [x1: number, y1: number, x2: number, y2: number]
  readonly isZero: boolean
}
export interface Rect {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}
export type Shape =
  | ({ readonly kind: 'rect' } & Rect)
  | { readonly kind: 'stack'; readonly rects: readonly Rect[] }
  | { readonly kind: 'dot'; readonly x: number; readonly y: number }
  | { readonly kind: 'path'; readonly d: string; readonly x: number; readonly y: number }
/** A label of a mark, and which way from there a second line goes. */
export interface LabelSpot extends Spot {
  readonly rises: boolean
}
/** A mark: its shape, and where its label stands. */
export interface MarkPlace {
  readonly shape: Shape
  readonly label: LabelSpot
}
/** The room that a name has, in characters and lines. */
export interface NameRoom {
  readonly room: number
  readonly lines: number
  /** Whether its end is what tells it from the others: it is cut at its beginning, to one line. */
  readonly byEnd?: boolean
}
/** Where a category is named. */
export interface NamePlace extends Spot, NameRoom {
  readonly at: number
}
/** Where everything of a chart stands, in CSS pixels. */
export interface Geometry {
  readonly ticks: readonly TickPlace[]
  readonly marks: readonly MarkPlace[]
  readonly names: readonly NamePlace[]
  /** Where a second axis, at the right, has its ticks. */
  readonly second: readonly Spot[]
  /** The line of the second quantity. */
  readonly secondLine: string | null
  /** What joins the marks. */
  readonly line: string | null
  readonly area: string | null
  /**
   * The room of the marks' labels: how wide they stand side by side, or what each has for itself
   * where they stand alone.
   */
  readonly marksWidth: number
  readonly isAlone: boolean
}
/**
 * A second axis: how far along it its ticks and each mark's number stand, and the room that its
 * labels take.
 */
export interface SecondPlaces {
  readonly ticks: readonly number[]
  readonly marks: readonly (number | null)[]
  readonly room: number
}
/** What a form is laid out in, in CSS pixels. */
export interface Frame {
  readonly width: number
  readonly height: number
  readonly fontSize: number
  /** Room at the left for labels of the axis, and for the longest name beside a bar. */
  readonly left: number
  readonly names: number
  /** Room behind the longest bar for its label. */
  readonly ends: number
  /** Lines of a mark's label. */
  readonly lines: number
  readonly second: SecondPlaces | null
  /** What is written behind the axis's labels of a second kind takes a line of its own below. */
  readonly under: number
}

/** A form of chart. To add one, add its file and a line in the index. */
export interface ChartForm {
  readonly id: string
  /** As it begins the chart's sentence: "A line of the sum of revenue". */
  readonly title: string
  /** As it begins a picture's title: "Line of revenue". */
  readonly name: string
  /** Marks that it has room for; of more, the first are drawn. */
  readonly most: number
  /** Whether marks run on from one to the next: they keep the order of the rows. */
  readonly runs: boolean
  readonly axis: 'left' | 'below' | 'none'
  /** Whether it shows how all rows are spread, in place of groups by category. */
  readonly isSpread: boolean
  /** Whether marks are areas from zero on, into which labels fit and which colours part. */
  readonly hasAreas: boolean
  /** Whether another quantity can be drawn over it with an axis of its own. */
  readonly takesSecond: boolean
  /** Whether its marks can be laid down as bars, each with room for its label behind it. */
  readonly canLie?: boolean
  /** Whether labels stand behind the ends of marks, which leave room for them. */
  readonly labelsEnds: boolean
  /** The radius of a dot, labelled or not, in CSS pixels. */
  readonly dot: { readonly labelled: number; readonly bare: number }
  /** Whether each mark has a shade of its own, so that neighbours can be told apart. */
  readonly isShaded: boolean
  /** What a mark can say here; all that there is where it is not given. */
  readonly parts?: readonly MarkPart[]
  /** What it says, and on how many lines, where nobody chose. */
  readonly usualParts: readonly MarkPart[]
  readonly usualLines: 1 | 2
  /** Messages in place of those of other charts. */
  readonly messages?: { readonly headline: string; readonly sentence: string }
  layout(drawing: Drawing, frame: Frame): Geometry
  /** The spot of a label inside its mark's area; null where it has no room of this size. */
  inside?(
    area: Rect,
    label: LabelSpot,
    size: { width: number; height: number; line: number },
  ): LabelSpot | null
  /** Where a tooltip stands by its mark; above or beside it where it is not given. */
  tooltip?(
    label: Spot,
    width: number,
  ): { readonly x: number; readonly y: number; readonly across: string; readonly up: string }
  /** What stops it from being drawn; empty where nothing does. */
  trouble?(drawing: Drawing): string
}
