import { z } from 'zod'
import { SURFACES } from '../core/checks/types'
import { AGGREGATE_IDS } from '../core/data/aggregate'
import { DERIVATION_IDS } from '../core/data/derive'
import { parseDecimal } from '../core/decimal/decimal'
import { type OwnLadder, ownLadder } from '../core/ladders/own'
import { styleSchema } from '../core/style/parse'
import { schemas } from '../core/style/schemas'
import { ASKED_ORDERS } from './import/dates'

const id = z.string().min(1).max(80)
const name = z.string().trim().min(1).max(200)
const positiveDecimal = z
  .string()
  .max(400)
  .refine((text) => {
    const read = parseDecimal(text)
    return read !== null && read.coefficient > 0n
  }, 'takes decimal text above zero')

const decimalText = z
  .string()
  .max(400)
  .refine((text) => parseDecimal(text) !== null, 'takes decimal text')
/** A fraction of a constant, such as 1/3 or 2. */
export const FRACTION = /^[1-9]\d{0,8}(\/[1-9]\d{0,8})?$/
const wholeFraction = z.string().regex(FRACTION, 'takes a fraction such as 1/3')

/** Where an axis has its ticks, and texts that people put in place of their labels. */
export const ticksSchema = z.strictObject({
  /** A number; with `multipleOf` a fraction of the constant. */
  step: z.union([positiveDecimal, wholeFraction]).optional(),
  count: z.int().min(1).max(100).optional(),
  /** What the ticks are to span; what is drawn where it is not given. */
  domain: z.tuple([decimalText, decimalText]).optional(),
  ends: z.enum(['tight', 'loose']).optional(),
  /** Powers of a base in place of even steps; through zero where it is symmetric. */
  kind: z.enum(['linear', 'log', 'symlog']).optional(),
  base: z.union([z.literal(10), z.literal(2), z.literal('e')]).optional(),
  multipleOf: schemas.multipleOf.optional(),
  /** How long its ruler is, and how large its type, in CSS pixels. */
  length: z.int().min(80).max(2000).optional(),
  fontSize: z.int().min(6).max(40).optional(),
  /** Texts by hand, tick by tick; an empty one leaves the label as the style writes it. */
  labels: z.array(z.string().max(200)).max(1000).optional(),
})
export type TickWishes = z.infer<typeof ticksSchema>

/** A finding that people let stand, and why. */
export const leftSchema = z.strictObject({
  surface: z.enum(SURFACES),
  check: z.string().min(1).max(80),
  reason: z.string().trim().min(1).max(300),
})
export type Left = z.infer<typeof leftSchema>

export const FORMS = ['columns', 'bars', 'line', 'points', 'area', 'ring', 'distribution'] as const
/** What a chart is made of. */
export type Form = (typeof FORMS)[number]
export const MARK_PARTS = ['value', 'share', 'seriesShare', 'change', 'against', 'name'] as const
/** What a mark's label can say: its number, its share of all or of its own panel, its change from the mark before or from another column, its category. */
export type MarkPart = (typeof MARK_PARTS)[number]
/** Parts that are numbers of their own, each in a style of its own over that of the marks. */
export const STYLED_PARTS = ['share', 'seriesShare', 'change', 'against'] as const
export type StyledPart = (typeof STYLED_PARTS)[number]
const message = z.string().max(2000)

/** What a chart shows of a quantity. */
export const chartSchema = z.strictObject({
  /** The column whose values part the rows; null draws every row. */
  category: z.string().nullable(),
  aggregate: z.enum(AGGREGATE_IDS),
  form: z.enum(FORMS).optional(),
  /** Another column, drawn as a line with an axis of its own at the right. */
  second: z.string().optional(),
  /** A column whose values each have a panel of their own, all with one axis. */
  panels: z.string().optional(),
  /** A column that parts each column or bar into pieces, one colour for each of its values. */
  colour: z.string().optional(),
  /** By the number, largest first, or as the rows have it. */
  order: z.enum(['number', 'rows']).optional(),
  /** Whether marks are shaded by the bin of their number, with a legend. */
  shaded: z.boolean().optional(),
  /** What stands on the marks, on one line or two; the value alone where it is not given. */
  parts: z.array(z.enum(MARK_PARTS)).min(1).max(MARK_PARTS.length).optional(),
  lines: z.union([z.literal(1), z.literal(2)]).optional(),
  /** Whether labels stand inside the columns and bars that have room for them. */
  inside: z.boolean().optional(),
  /** Whether only the ends, the largest and the least of the marks carry a label. */
  few: z.boolean().optional(),
  /** The column that marks tell their change from, where they do. */
  against: z.string().optional(),
  /** The category whose mark has a callout, and where it stands from the mark, in CSS pixels. */
  callout: z
    .strictObject({
      at: z.string(),
      x: z.int().min(-4000).max(4000).optional(),
      y: z.int().min(-4000).max(4000).optional(),
    })
    .optional(),
  /** What shares and changes are written in where that is not the program's own way: each part has its own style. */
  partStyles: z.partialRecord(z.enum(STYLED_PARTS), styleSchema).optional(),
})
export type ChartWishes = z.infer<typeof chartSchema>

export const COMPARED_ON = ['marks', 'axis', 'table', 'probes', 'typed', 'drawn'] as const
/** What styles are compared on: numbers of the page, test values, typed ones, or drawn ones. */
export type ComparedOn = (typeof COMPARED_ON)[number]
export const [FEWEST_COMPARED, MOST_COMPARED] = [2, 6]
/** Styles side by side on the same values; each is what it sets over the quantity's style. */
export const comparisonSchema = z.strictObject({
  on: z.enum(COMPARED_ON),
  /** Numbers that were typed, parted by blanks or lines. */
  typed: z.string().max(4000).optional(),
  /** The powers of ten between which numbers are drawn. */
  span: z.tuple([z.int().min(-300).max(300), z.int().min(-300).max(300)]).optional(),
  seed: z.int().min(0).optional(),
  styles: z
    .array(z.strictObject({ style: styleSchema, pinned: z.boolean().optional() }))
    .min(FEWEST_COMPARED)
    .max(MOST_COMPARED),
})
export type Comparison = z.infer<typeof comparisonSchema>

/** A numeric column with what it measures, how it is written and how it is drawn. */
export const quantitySchema = z.strictObject({
  id,
  datasetId: id,
  column: z.string().min(1),
  title: name,
  recorded: z.int().min(-30).max(30),
  /** What it measures, where that decides what is checked: a count has no halves, shares make a whole. */
  kind: z.enum(['amount', 'count', 'shares']).optional(),
  style: styleSchema,
  /** What surfaces are written in where that is not the quantity's style: what was set on each, and nothing else. */
  surfaces: z.partialRecord(z.enum(SURFACES), styleSchema).optional(),
  chart: chartSchema,
  ticks: ticksSchema,
  /** Other columns of numbers in the table, each written as its own quantity is there. */
  columns: z.array(z.string().min(1)).max(40).optional(),
  /** The rows that are shown: those whose cell is one of these. */
  filter: z
    .strictObject({ column: z.string().min(1), is: z.array(z.string()).min(1).max(10_000) })
    .optional(),
  /** Headline, sentence and callout, as Unicode MessageFormat 2; a plain one of the program where they are not given. */
  texts: z
    .strictObject({
      headline: message.optional(),
      sentence: message.optional(),
      callout: message.optional(),
    })
    .optional(),
  /** Whether the table has a total, and what is done where the printed parts miss it: nothing, a note, or parts adjusted. */
  total: z.enum(['plain', 'note', 'adjust']).optional(),
  /** Whether the total is parted by category too. */
  subtotals: z.boolean().optional(),
  /** The rows of the data set that are summed, where not all are. */
  selected: z.array(z.int().min(0)).max(100_000).optional(),
  /** Styles that were put side by side. */
  compared: comparisonSchema.optional(),
  /** Findings that are let stand, each with its reason. */
  left: z.array(leftSchema).max(500).optional(),
})
export type Quantity = z.infer<typeof quantitySchema>

const studyLadder = ownLadder.refine(
  (own): own is OwnLadder & { title: string } => own.title !== undefined && own.title.trim() !== '',
  'a ladder of a study has a title',
)

/** All that people decide in a study; the data are kept beside it. */
export const studyDocumentSchema = z.strictObject({
  name,
  house: styleSchema,
  quantities: z.array(quantitySchema).max(2000),
  /** The quantity on the page. */
  shown: id.nullable(),
  /** Where the parts of the page stand, surfaces that are left off it, and the size of what is on it. */
  page: z
    .strictObject({
      table: z.enum(['right', 'left', 'below']).optional(),
      words: z.enum(['above', 'below']).optional(),
      legend: z.enum(['above', 'below']).optional(),
      without: z.array(z.enum(SURFACES)).max(SURFACES.length).optional(),
      chartWidth: z.int().min(160).max(2400).optional(),
      fontSize: z.int().min(8).max(24).optional(),
    })
    .optional(),
  /** Ladders of its own, each known by its title; styles that use one carry it with them. */
  ladders: z
    .array(studyLadder)
    .max(40)
    .refine(
      (own) => new Set(own.map(({ title }) => title)).size === own.length,
      'two ladders have one title',
    )
    .optional(),
  /** Regions whose labels are looked at side by side. */
  regions: z.array(schemas.locale).min(1).max(60).optional(),
  /** The regions whose people will read it, where there are several or another than the style's. */
  readers: z.array(schemas.locale).max(20).optional(),
})
export type StudyDocument = z.infer<typeof studyDocumentSchema>

export const columnMetaSchema = z.strictObject({
  position: z.int(),
  name: z.string(),
  kind: z.enum(['number', 'text']),
  reason: z.string(),
  encoding: z.enum(['float64', 'json']),
  missing: z.int(),
  unread: z.array(z.strictObject({ row: z.int(), text: z.string() })),
})
export type ColumnMeta = z.infer<typeof columnMetaSchema>

export const datasetMetaSchema = z.strictObject({
  id,
  name: z.string(),
  rowCount: z.int(),
  notices: z.array(z.string()),
  columns: z.array(columnMetaSchema),
})
export type DatasetMeta = z.infer<typeof datasetMetaSchema>

export const studySchema = z.strictObject({
  id,
  revision: z.int(),
  document: studyDocumentSchema,
  datasets: z.array(datasetMetaSchema),
})
export type Study = z.infer<typeof studySchema>

export const studySummarySchema = z.strictObject({
  id,
  name: z.string(),
  revision: z.int(),
  changedAt: z.string(),
})
export type StudySummary = z.infer<typeof studySummarySchema>

/** Characters of what a change did. */
export const LONGEST_WHAT = 300
/** A change: the whole document, the revision that it was made on, and what was done in words. */
export const saveRequestSchema = z.strictObject({
  base: z.int(),
  document: studyDocumentSchema,
  what: z.string().min(1).max(LONGEST_WHAT),
})
export type SaveRequest = z.infer<typeof saveRequestSchema>

/** A study as one file: what people decided, and the data that it is about. */
export const studyFileSchema = z.strictObject({
  format: z.literal('ivory-abacus study'),
  version: z.literal(1),
  document: studyDocumentSchema,
  datasets: z
    .array(
      datasetMetaSchema.extend({
        columns: z.array(
          columnMetaSchema.extend({
            /** One a row: doubles as numbers, other numbers as decimal text, missing as null. */
            cells: z.array(z.union([z.number(), z.string(), z.null()])),
          }),
        ),
      }),
    )
    .max(1000),
})
export type StudyFile = z.infer<typeof studyFileSchema>

export const newStudySchema = z.strictObject({ name })
export const newDatasetSchema = z.strictObject({
  name,
  text: z.string().max(512 * 1024 * 1024),
  /** How dates are meant that can be read in two ways, by the name of their column. */
  dates: z.record(z.string(), z.enum(ASKED_ORDERS)).optional(),
})

export const EXPORT_KINDS = ['module', 'style', 'options', 'csv', 'html'] as const
/** What the decision is handed over as. */
export type ExportKind = (typeof EXPORT_KINDS)[number]
/** An export, proved on the study's values before it is given out. */
export const exportSchema = z.strictObject({
  kind: z.enum(EXPORT_KINDS),
  /** The first is what was asked for; others go with it. */
  files: z.array(z.strictObject({ name: z.string(), type: z.string(), text: z.string() })).min(1),
  /** How it was proved, on how many values, and where it writes otherwise: the first of them. */
  proof: z.strictObject({
    how: z.string(),
    values: z.int(),
    equal: z.int(),
    differs: z.array(z.strictObject({ value: z.string(), label: z.string(), other: z.string() })),
  }),
  /** What is to be known before it is used. */
  notes: z.array(z.string()),
})
export type Export = z.infer<typeof exportSchema>

/** A column made of two others, row by row. */
export const newColumnSchema = z.strictObject({
  name,
  by: z.enum(DERIVATION_IDS),
  of: z.string().min(1),
  and: z.string().min(1).optional(),
})
export type NewColumn = z.infer<typeof newColumnSchema>
