import type { Agreed } from './agreed'
import type { AxisWishes } from './axis'
import type { Room, Subject } from '../../core/checks/types'
import type { Surface } from '../../core/surfaces'
import type { Role } from '../../core/data/roles'
import type { Decimal } from '../../core/decimal/decimal'
import type { Labeller } from '../../core/label/labeller'
import type { Context, Recorded, Setting } from '../../core/label/context'
import type { Direction } from '../../core/locale/direction'
import type { Regions } from '../../core/label/region'
import type { Plan, Row, Value } from '../../core/label/types'
import type { FullStyle } from '../../core/style/fields'
import type { Prose } from '../../core/text/prose'
import type { SaidMessage } from '../../core/text/message'
import type { StyledPart } from '../forms/parts'
import type { ChartForm, Drawing, Geometry } from '../forms/types'
import { deriving } from '../graph/derivation'
import type { Cell, UnitsByRow } from '../quantities'
import type { ChartWishes } from '../study/chart'
import type { DatasetMeta } from '../study/dataset'
import type { Quantity } from '../study/quantity'
import type { StudyDocument } from '../study/document'
import type { CommonUnit, RecordedQuantity, WithUnits } from './commonUnit'
import type { MarkText } from './marks'
import type { MixedRows } from './mixed'
import type { MessageId } from './messages'
import type { OtherColumn, WantedOther } from './otherColumns'
import type { FactColumn } from './prose'
import type { AllRows, Rows } from './rows'
import type { SecondAxis, SecondQuantity } from './second'
import type { CheckedSubject, PlacedSubject } from './subjects'
import type { AdjustedParts, DrawnPart, Subtotal } from './totals'
import type { WantedColumns } from './wanted'

/** Columns that a page asked for, once they are here. */
export interface Loaded {
  readonly wanted: WantedColumns
  readonly cellsOf: (name: string) => readonly Cell[]
}
/** What a page is laid out in, in CSS pixels. */
export interface PageSize {
  readonly width: number
  readonly height: number
  /** What a legend and a key of colours take of the height, as far as that is known. */
  readonly legend: number
  readonly colours: number
}

/** What a page is made of; all else is derived from it. */
export interface PageInputs {
  readonly document: StudyDocument
  readonly quantity: Quantity
  readonly dataset: DatasetMeta
  /** Tables of the regions that its styles name. */
  readonly regions: Regions
  /** null while they are on their way. */
  readonly loaded: Loaded | null
  /** The columns that cases and currencies look at, as far as they are here. */
  readonly caseCells: readonly (readonly [name: string, cells: readonly Cell[]])[]
  /** null where nothing is laid out: nothing has too little room there. */
  readonly size: PageSize | null
  /** Whether what a machine writes stands beside the labels. */
  readonly machine: boolean
}

/** How a surface writes. */
export interface Writing {
  readonly plan: Plan
  readonly writer: Labeller
}
/** The style that a surface is written in, and why it is not the one that the study asks for. */
export interface Readable {
  readonly style: FullStyle
  readonly writing: Writing
  /** Why the style that the study asks for cannot be written; null where it is. */
  readonly refused: string | null
}
/**
 * What stands on a surface: its values in order, and beside each the row that its case looks at.
 */
export interface Shows {
  readonly values: readonly Value[]
  readonly rows: readonly Row[] | undefined
}
/** A panel of the chart as a drawing of its own. */
export interface PanelDrawing {
  readonly name: string | null
  readonly drawing: Drawing
  /** The places of its first mark, and of its first label, among those of all panels. */
  readonly first: number
  readonly firstLabel: number
  /** Whether the axis's labels stand at it, and the place of the first among those of all axes. */
  readonly hasAxis: boolean
  readonly firstTick: number
}
/** How panels stand, in CSS pixels. */
export interface PanelGrid {
  readonly across: number
  readonly width: number
  readonly height: number
}

type Each<Prefix extends string, Key extends string, One> = {
  readonly [K in Key as `${Prefix}.${K}`]: One
}

/** Everything that a page shows of a quantity, by its name. */
export interface PageValues
  extends
    PageInputs,
    Each<'asked', Surface, FullStyle>,
    Each<'readable', Surface, Readable>,
    Each<'style', Surface, FullStyle>,
    Each<'partStyle', StyledPart, FullStyle>,
    Each<'context', Surface, Context>,
    Each<'written', Surface, Writing>,
    Each<'title', Surface, string>,
    Each<'shows', Surface, Shows>,
    Each<'numbers', Surface | StyledPart, readonly Decimal[]>,
    Each<'source', MessageId, string>,
    Each<'prose', MessageId, Prose>,
    Each<'said', MessageId, SaidMessage>,
    Each<'together', Surface, NonNullable<Subject['together']>>,
    Each<'subject', Surface, CheckedSubject> {
  // What a change of style leaves as it is.
  readonly chart: ChartWishes
  readonly wishes: AxisWishes
  /** What the quantity's column is, where its reading was kept. */
  readonly role: Role | undefined
  /** What the page's values are recorded in, once they were brought to a common unit. */
  readonly recorded: Recorded
  readonly recordedAs: RecordedQuantity
  readonly rates: StudyDocument['rates']
  /** How rows name their units, and the unit that all are brought to. */
  readonly byRow: UnitsByRow | null
  readonly common: CommonUnit | null
  /** CSS pixels that the page is wide, where a case of any style goes by them. */
  readonly pageWidth: number | undefined
  /** What all Plans of the page are made in. */
  readonly setting: Setting
  readonly filter: Quantity['filter']
  readonly readers: StudyDocument['readers']
  readonly rules: StudyDocument['rules']
  /** The other quantities that are read together with the page's. */
  readonly members: readonly Quantity[]
  readonly layout: NonNullable<StudyDocument['page']>
  readonly ticked: Quantity['selected']
  /** Which way the page is read. */
  readonly direction: Direction
  /** Mirrored on a page that is read from right to left. */
  readonly form: ChartForm

  /** The columns that the page speaks of. */
  readonly wanted: WantedColumns
  /** The quantities of other columns that it speaks of. */
  readonly spokenOf: readonly WithUnits[]
  /** All rows, and those that the filter leaves; null while they are on their way. */
  readonly allRows: AllRows | null
  readonly rows: Rows | null
  /** What the chart draws, and what all rows would: a filter changes no unit that is shared. */
  readonly drawing: Drawing | null
  readonly whole: Drawing | null
  /** Edges of the bins that marks are shaded by; none where they are not. */
  readonly edges: readonly Decimal[]
  /** The least and the largest number of all rows. */
  readonly allEnds: readonly string[]

  /** The style of surfaces on which nothing is set. */
  readonly quantityStyle: FullStyle
  /** Plans that look at no values: one for all surfaces of a style. */
  readonly plans: (style: FullStyle) => Writing
  /**
   * The columns that cases and currencies look at, and their cells: of all rows, of the table's, of
   * the marks, of the tooltips.
   */
  readonly caseColumns: readonly string[]
  readonly caseRows: readonly Row[] | undefined
  readonly tableRows: readonly Row[] | undefined
  /** The units of the rows that are shown, where there are several; null otherwise. */
  readonly mixed: MixedRows | null
  /** Whether each panel has its own axis: its rows share no scale with those of the others. */
  readonly hasOwnScales: boolean
  /** The cells that the rows of each mark agree in; null where no style looks at cells. */
  readonly agreed: Agreed | null
  /** The same where no row is filtered away. */
  readonly agreedInAll: Agreed | null
  readonly markRows: readonly Row[] | undefined
  readonly tipRows: readonly Row[] | undefined
  /** The surfaces that are on the page. */
  readonly shown: readonly Surface[]

  /**
   * The axis's labels as the style writes them, and as they stand: texts by hand in their place.
   */
  readonly styledTicks: readonly string[]
  readonly tickLabels: readonly string[]
  readonly markLabels: readonly string[]
  /** What marks say beside their labels, part by part. */
  readonly beside: readonly (readonly MarkText[])[]
  readonly legendLabels: readonly string[]

  /** What messages speak of: the rows' columns, and numbers and names of the chart. */
  readonly facts: readonly FactColumn[]
  readonly variables: Prose['variables']
  /** The cells beside some of them. */
  readonly besideNumbers: NonNullable<Prose['beside']>
  /** The mark that has a callout, by its place; null where none is drawn. */
  readonly calledOut: number | null

  /** The ticked rows, by their places among those that are shown. */
  readonly selected: ReadonlySet<number>
  readonly hasTotal: boolean
  /**
   * The places of the rows that are summed: those that have a number, and are ticked where any is.
   */
  readonly summed: readonly number[]
  /** Whether what is summed is in one unit. */
  readonly addsUp: boolean
  readonly total: Decimal | null
  readonly subtotals: readonly Subtotal[]
  /** What the printed parts add up to, where that is not the printed total. */
  readonly missed: string | null
  /** The marks that are drawn of a total whose parts are adjusted; none where they are not. */
  readonly partsDrawn: readonly DrawnPart[]
  /** Parts that are adjusted so that all add up: by row, by label of a mark, by mark. */
  readonly 'adjusted.table': AdjustedParts
  readonly 'adjusted.marks': AdjustedParts
  readonly 'adjusted.tooltip': AdjustedParts
  /** The same in messages, by the exact number. */
  readonly 'adjusted.headline': AdjustedParts<string>
  readonly 'adjusted.sentence': AdjustedParts<string>

  readonly secondQuantity: SecondQuantity | null
  readonly second: SecondAxis | null
  readonly wantedOthers: readonly WantedOther[]
  /** The other columns of numbers in the table. */
  readonly otherColumns: readonly OtherColumn[]

  readonly fontSize: number
  /** Of the labels of the marks. */
  readonly markSize: number
  readonly chartWidth: number
  readonly panels: readonly PanelDrawing[]
  readonly grid: PanelGrid
  /**
   * Room for the axis's labels, for what a machine writes beside them, and for labels behind the
   * longest bar.
   */
  readonly labelRoom: number
  readonly machineLabels: readonly string[]
  readonly machineRoom: number
  readonly endRoom: number
  /** The length of the longest label of a mark, where they are turned; 0 elsewhere. */
  readonly turnedRoom: number
  /** Where everything of each panel stands; none where nothing is laid out. */
  readonly geometries: readonly Geometry[]
  readonly marksRoom: Room | undefined
  /** Of each panel. */
  readonly axisRooms: readonly (Room | undefined)[]

  /** What is checked of the surfaces on the page. */
  readonly subjects: readonly PlacedSubject[]
}
export type PageValue = keyof PageValues
/** What is derived. */
export type Derived = Exclude<PageValue, keyof PageInputs>

/** Makes a derivation of the page. */
export const from = deriving<PageValues>()

/** The same derivation for each of some keys, by their names. */
export const each = <Prefix extends string, Key extends string, One>(
  prefix: Prefix,
  keys: readonly Key[],
  make: (key: Key) => One,
): Each<Prefix, Key, One> =>
  Object.fromEntries(keys.map((key) => [`${prefix}.${key}`, make(key)])) as Each<Prefix, Key, One>
