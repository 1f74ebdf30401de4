import { z } from 'zod'
import { SURFACES } from '../../core/surfaces'
import { ROLES } from '../../core/data/roles'
import { type OwnLadder, ownLadder } from '../../core/ladders/own'
import { styleSchema } from '../../core/style/parse'
import { ratesSchema } from '../../core/style/rates'
import { schemas } from '../../core/style/schemas'
import { LIMITS } from '../limits'
import { houseRuleSchema } from '../../core/checks/houseRules'
import { linkedSchema } from './linked'
import { quantitySchema } from './quantity'
import { id, name } from './texts'
import { DOCUMENT_VERSION, NewerDocumentError, upgraded } from './upgrade'

const studyLadder = ownLadder.refine(
  (own): own is OwnLadder & { title: string } => own.title !== undefined && own.title.trim() !== '',
  'a ladder of a study has a title',
)

const currentSchema = z.strictObject({
  version: z.literal(DOCUMENT_VERSION),
  name,
  house: styleSchema,
  quantities: z.array(quantitySchema).max(LIMITS.columns),
  /** The quantity on the page. */
  shown: id.nullable(),
  /**
   * Where the parts of the page stand, surfaces that are left off it, and the size of what is on
   * it.
   */
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
  /** What columns are for, where somebody said another role than they were read with. */
  roles: z
    .array(z.strictObject({ datasetId: id, column: z.string().min(1), role: z.enum(ROLES) }))
    .max(LIMITS.columns)
    .optional(),
  /** The regions whose people will read it, where there are several or another than the style's. */
  readers: z.array(schemas.locale).max(20).optional(),
  /** Levels that take a style from the stylebook, under what is set on them. */
  linked: z.array(linkedSchema).max(LIMITS.columns).optional(),
  /** Sets of quantities that are read together: one rung, exponent and precision. */
  together: z.array(z.array(id).min(2)).max(LIMITS.columns).optional(),
  /** What currencies are worth in others, so that rows in several can be added and drawn. */
  rates: ratesSchema.optional(),
  /** Rules of the house, each a check. */
  rules: z.array(houseRuleSchema).max(100).optional(),
})

/** All that people decide in a study, of any version; the data are kept beside it. */
export const studyDocumentSchema = z
  .unknown()
  .transform((stored, context) => {
    try {
      return upgraded(stored)
    } catch (error) {
      if (!(error instanceof NewerDocumentError)) throw error
      context.addIssue({ code: 'custom', message: error.message })
      return z.NEVER
    }
  })
  .pipe(currentSchema)
export type StudyDocument = z.infer<typeof currentSchema>

/** A study in which nothing is decided yet. */
export const newDocument = (called: string): StudyDocument => ({
  version: DOCUMENT_VERSION,
  name: called,
  house: {},
  quantities: [],
  shown: null,
})
