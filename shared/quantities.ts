import { type Surface, SURFACES, surfaces } from '../core/surfaces'
import { type Decimal, fromNumber, parseDecimal } from '../core/decimal/decimal'
import type { Row } from '../core/label/types'
import { unitColumn } from '../core/style/dependencies'
import { inherit } from '../core/style/inherit'
import type { FullStyle, Style } from '../core/style/fields'
import type { Role } from '../core/data/roles'
import { headerOf } from './import/header'
import type { ColumnMeta, DatasetMeta } from './study/dataset'
import type { Quantity } from './study/quantity'
import { STYLED_PARTS, type StyledPart } from './forms/parts'
import { linkedAt, placeOf } from './stylebook'
import type { StudyDocument } from './study/document'
import type { Linked } from './study/linked'
import { type NamedKind, recordedUnder } from '../core/units'

/**
 * A cell of a numeric column as it is kept: a double, decimal text where a double would lose
 * digits, or missing.
 */
export type Cell = number | string | null

/** A cell as an exact decimal; null where it is missing. */
export function decimalOf(cell: Cell): Decimal | null {
  if (typeof cell === 'number') return Number.isFinite(cell) ? fromNumber(cell) : null
  return cell === null ? null : parseDecimal(cell)
}

/**
 * The rows of some columns, which cases and currencies look at; none where there are no columns.
 *
 * @param caseRows columns by name, all of one length
 */
export function rowsBeside(
  caseRows: readonly (readonly [string, readonly Cell[]])[],
): Row[] | undefined {
  return caseRows[0]?.[1].map((_, at) =>
    Object.fromEntries(caseRows.map(([name, cells]) => [name, cells[at]])),
  )
}

/** Roles of names in the order in which they part a chart best. */
const PARTING: readonly Role[] = ['text', 'date', 'year', 'code']
/** Roles of moments, which stay in the order of their rows. */
const MOMENTS: readonly (Role | undefined)[] = ['date', 'year']
/** What is no more for more rows: it is not summed. */
const INTENSIVE =
  /\b(?:averages?|avg|mean|median|temperature|temp|price|age|speed|index|score|grade|rank|density|latitude|longitude|lat|lon|lng|level|depth|height|width|length|ph|intensity|magnitude)\b|°/i

/** The column that parts the rows of a new data set; null where it has none. */
function categoryIn({ columns }: DatasetMeta): ColumnMeta | null {
  const texts = columns.filter(({ kind }) => kind === 'text')
  const placeOf = ({ reading }: ColumnMeta) => (reading ? PARTING.indexOf(reading.role) : 0)
  return texts.reduce<ColumnMeta | null>(
    (best, one) => (best === null || placeOf(one) < placeOf(best) ? one : best),
    null,
  )
}

/**
 * The quantities of a new data set: one a numeric column, parted by its names, in the unit and the
 * power of ten that its cells or its header say.
 *
 * @example quantitiesOf(dataset)[0].style // { unit: { kind: 'currency', code: 'EUR' } }
 */
export function quantitiesOf(dataset: DatasetMeta): Quantity[] {
  const category = categoryIn(dataset)
  return dataset.columns
    .filter((column) => column.kind === 'number')
    .map(({ position, name, reading }) => {
      const isRatio = reading?.role === 'ratio'
      const unit = reading?.unit
      return {
        id: `${dataset.id}.${position}`,
        datasetId: dataset.id,
        column: name,
        // Labels say the unit.
        title: unit ? headerOf(name).title : name,
        recorded: reading?.recorded ?? 0,
        ...(isRatio ? { kind: 'ratio' as const } : {}),
        ...recordedUnder(unit),
        style: { ...reading?.style, ...(unit ? { unit } : {}) },
        chart: {
          category: category?.name ?? null,
          aggregate: isRatio || INTENSIVE.test(name) ? 'mean' : 'sum',
          ...(MOMENTS.includes(category?.reading?.role) ? { order: 'rows' as const } : {}),
        },
        ticks: {},
      }
    })
}

/** The quantity of a column of a data set; undefined where it has none. */
export const quantityOf = (
  { quantities }: StudyDocument,
  datasetId: string,
  column: string,
): Quantity | undefined =>
  quantities.find((one) => one.datasetId === datasetId && one.column === column)

/**
 * Where a style is set: for the whole study, for a quantity, for one of its surfaces, or for a part
 * of its marks.
 */
export type Level = 'house' | 'quantity' | Surface | StyledPart
export const isPart = (level: Level): level is StyledPart =>
  (STYLED_PARTS as readonly string[]).includes(level)

export const isSurface = (level: Level): level is Surface => Object.hasOwn(surfaces, level)

/** A change says which way it goes, in the marks' own way of telling signs. */
const goes = ({ sign }: FullStyle): Pick<Style, 'sign'> => ({
  sign: sign === 'parentheses' ? 'parentheses' : 'exceptZero',
})
const asShare = ({ locale, marks, grouping }: FullStyle): Style => ({
  locale,
  marks,
  grouping,
  unit: { kind: 'percent' },
  fraction: [0, 1],
})
/**
 * How parts are written where nothing is set on them: as the marks are, but for what tells them
 * apart.
 */
const partBases: Record<StyledPart, (marks: FullStyle) => Style> = {
  share: asShare,
  seriesShare: asShare,
  change: (style) => ({ ...style, ...goes(style) }),
  against: (style) => ({ ...asShare(style), ...goes(style) }),
}

/** What a level brings: what is set on it, or what it takes from the stylebook. */
export interface OwnStyle {
  readonly level: Level
  readonly own: Style
  /** The style of the stylebook that it is. */
  readonly taken?: Linked
}

/**
 * What is set on each level that a level inherits from, the first the widest, itself the last. What
 * a level takes from the stylebook stands before its own.
 */
export function levelsTo(
  document: StudyDocument,
  quantity: Quantity,
  level: Level,
): readonly OwnStyle[] {
  // A part begins with what the marks are, as a whole.
  if (isPart(level))
    return [
      { level: 'marks', own: partBases[level](styleOf(document, quantity, 'marks')) },
      { level, own: quantity.chart.partStyles?.[level] ?? {} },
    ]
  const at = (on: Exclude<Level, StyledPart>, own: Style): OwnStyle[] => {
    const taken = linkedAt(document, placeOf(quantity.id, on))
    return [...(taken ? [{ level: on, own: taken.style, taken }] : []), { level: on, own }]
  }
  const house = at('house', document.house)
  if (level === 'house') return house
  const levels = [...house, ...at('quantity', quantity.style)]
  return level === 'quantity' ? levels : [...levels, ...at(level, quantity.surfaces?.[level] ?? {})]
}

/**
 * Whether a surface of a quantity has something of its own: set on it, or taken from the stylebook.
 */
export const hasOwnStyle = (
  document: StudyDocument,
  quantity: Quantity,
  surface: Surface,
): boolean =>
  quantity.surfaces?.[surface] !== undefined ||
  linkedAt(document, placeOf(quantity.id, surface)) !== undefined

/**
 * The style that a quantity is written in: the house style with the quantity's own over it, and
 * over that what is set on the surface.
 *
 * @example styleOf(document, revenue, 'tooltip') // as the quantity, but for what is set on its tooltip
 */
export const styleOf = (
  document: StudyDocument,
  quantity: Quantity,
  level: Level = 'quantity',
): FullStyle => inherit(...levelsTo(document, quantity, level).map(({ own }) => own))

/** The column that names the unit of each row, and what it names. */
export type UnitsByRow = NonNullable<Quantity['units']>

/**
 * How the rows of a quantity name their units; null where they name none. Studies that were made
 * before a quantity could say so itself tell it by a style.
 */
export function unitsByRow(document: StudyDocument, quantity: Quantity): UnitsByRow | null {
  if (quantity.units) return quantity.units
  if (quantity.measure !== undefined) return null
  for (const level of ['quantity', ...SURFACES] as const) {
    const style = styleOf(document, quantity, level)
    const column = unitColumn(style)
    if (column !== null) return { kind: style.unit.kind as NamedKind, column }
  }
  return null
}

/**
 * Every style that a study is written in, and one for each region whose people read it: what has to
 * be loaded before it is shown.
 */
export function stylesIn(document: StudyDocument): Style[] {
  const levels = ['quantity', ...SURFACES, ...STYLED_PARTS] as const
  return [
    ...document.quantities.flatMap((one) => levels.map((level) => styleOf(document, one, level))),
    ...(document.readers ?? []).map((locale) => ({ locale })),
  ]
}

/** Whether a style has a case for some widths of the page. */
const goesByWidth = (own: Style | undefined): boolean =>
  Boolean(own?.cases?.some(({ when }) => 'width' in when))
/**
 * Whether what a study writes depends on the width of its page.
 *
 * @example looksAtWidth({ ...document, house: { cases: [{ when: { width: { to: 480 } }, use: {} }] } }) // true
 */
export const looksAtWidth = ({ house, linked = [], quantities }: StudyDocument): boolean =>
  goesByWidth(house) ||
  linked.some(({ style }) => goesByWidth(style)) ||
  quantities.some(({ style, surfaces = {}, chart: { partStyles = {} } }) =>
    [style, ...Object.values(surfaces), ...Object.values(partStyles)].some(goesByWidth),
  )

/** Own styles with one of them changed; one in which nothing is left is as if it never was. */
function changedIn<Key extends string>(
  styles: Partial<Record<Key, Style>> | undefined,
  key: Key,
  change: (own: Style) => Style,
): Partial<Record<Key, Style>> | undefined {
  const next = { ...styles, [key]: change(styles?.[key] ?? {}) } as Partial<Record<Key, Style>>
  if (Object.keys(next[key]!).length === 0) delete next[key]
  return Object.keys(next).length > 0 ? next : undefined
}

/**
 * The document with another style set on one of the levels of a quantity; a surface on which
 * nothing is left set is as if it never was.
 */
export function withOwn(
  document: StudyDocument,
  quantityId: string,
  level: Level,
  change: (own: Style) => Style,
): StudyDocument {
  if (level === 'house') return { ...document, house: change(document.house) }
  const styled = (one: Quantity): Quantity => {
    if (level === 'quantity') return { ...one, style: change(one.style) }
    return isPart(level)
      ? {
          ...one,
          chart: { ...one.chart, partStyles: changedIn(one.chart.partStyles, level, change) },
        }
      : { ...one, surfaces: changedIn(one.surfaces, level, change) }
  }
  /** Rows stay in the units that a style said of them, whatever is shown of them from now on. */
  const changed = (one: Quantity): Quantity => {
    const units = one.units ?? unitsByRow(document, one)
    return units ? { ...styled(one), units } : styled(one)
  }
  return {
    ...document,
    quantities: document.quantities.map((one) => (one.id === quantityId ? changed(one) : one)),
  }
}
