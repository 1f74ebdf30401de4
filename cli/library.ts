/**
 * What programs import: `import { labeller, readBack, ticks, check, suggest } from 'ivory-abacus'`.
 * Everything here stands as it is until the next major version.
 */
import type { z } from 'zod'
import { regionOf } from '../core/label/region'
import { recordedIn } from '../core/label/context'
import { type Labeller, labeller as labellerOf } from '../core/label/labeller'
import { readAs } from '../core/label/readas'
import { readBack as read } from '../core/label/readback'
import { resolve } from '../core/label/resolve'
import { saidEnds, saidText } from '../core/label/said'
import type { Row, Value } from '../core/label/types'
import type { Style } from '../core/style/fields'
import type { Answer as CheckAnswer } from './check'
import { commands } from './commands'
import type { checkInput, suggestInput, ticksInput } from './input'
import { tablesFor } from './locales'

export { StyleError } from '../core/error'
export { ValueError } from '../core/label/value'
export { InputError } from './input'
export type { Labeller, Row, Style, Value }

/** What a style is resolved with, where it looks at more than one value. */
export interface Options {
  /** All values of the set: a rung or an exponent that is shared is decided over them. */
  readonly values?: readonly Value[]
  /** The rows that the values stand in, where units or cases stand in columns. */
  readonly rows?: readonly Row[]
  /** The power of ten that the values are recorded in; 0 where none is given. */
  readonly recorded?: number
  /** CSS pixels of the page, where cases go by its width. */
  readonly pageWidth?: number
}
const planOf = (style: Style, { values, rows, recorded, pageWidth }: Options) =>
  resolve(style, {
    ...{ ...tablesFor(style), values, rows, pageWidth },
    ...recordedIn({ recorded }),
  })

/**
 * Makes the functions that write by a style; make them once and keep them.
 *
 * @throws StyleError naming the field that cannot be so; its functions ValueError for what is no
 *   number
 * @example labeller({ notation: 'scaled', fraction: [0, 1] }).label(1264000) // '1.3M'
 */
export const labeller = (style: Style, options: Options = {}): Labeller =>
  labellerOf(planOf(style, options))

/** Decimal text, or the ends between which a label leaves the number; null where there is none. */
export type Said = string | { readonly from: string | null; readonly to: string | null }
/** What a reader gets from a label. */
export interface ReadLabel {
  /** null where there are several readings, or none. */
  readonly value: Said | null
  /** Every way to read it. */
  readonly candidates: readonly Said[]
}
type ReadNumber = Parameters<typeof saidText>[0]
const saidOf = (said: ReadNumber): Said => saidEnds(said) ?? saidText(said)

/**
 * The number that a reader gets from a label.
 *
 * @param reader the region of a reader who takes it as labels are written there
 * @throws StyleError as `labeller` does
 * @example readBack('1.5K', { notation: 'scaled' }).value // '1500'
 * @example readBack('1.234', {}, { reader: 'de' }).value // '1234'
 */
export function readBack(
  label: string,
  style: Style,
  { reader, ...options }: Options & { readonly reader?: string } = {},
): ReadLabel {
  const plan = planOf(style, options)
  const { value, candidates } =
    reader === undefined
      ? read(label, plan)
      : readAs(label, plan, regionOf(reader, tablesFor({ locale: reader })))
  return { value: value === null ? null : saidOf(value), candidates: candidates.map(saidOf) }
}

/** Ticks that are placed, with their labels. */
export interface Ticks {
  /** Decimal text; null where ticks have no steady step. */
  readonly step: string | null
  readonly ticks: readonly {
    readonly value: string
    readonly label: string
    readonly readsBack: Said | null
  }[]
  readonly minor?: readonly string[]
}
/**
 * Places ticks and labels them.
 *
 * @throws InputError naming the place of what it does not take; StyleError
 * @example ticks({ domain: [0, 1], step: 0.125 }).ticks[1] // { value: '0.125', label: '0.125', … }
 */
export const ticks = (request: z.input<typeof ticksInput>): Ticks =>
  commands.ticks!.run(request, {}) as Ticks

/**
 * What stands against labels of values on a surface, the gravest first, each with changes that
 * mend it.
 *
 * @throws InputError naming the place of what it does not take; StyleError
 * @example check({ style: { fraction: [0, 0] }, values: [0.4, 0.1], surface: 'marks' }).findings[0].check // 'vanished'
 */
export const check = (request: z.input<typeof checkInput>): CheckAnswer =>
  commands.check!.run(request, {}) as CheckAnswer

/** A style that suits values, with the labels that it writes. */
export interface Suggestion {
  readonly style: Style
  readonly labels: readonly string[]
  readonly values: readonly string[]
  readonly score: number
  readonly reasons: readonly string[]
  /** The code of each reason. */
  readonly codes: readonly string[]
  /** The step of an axis whose ticks were sought too. */
  readonly step?: string
}
/**
 * Styles that suit values on a surface, the best first.
 *
 * @throws InputError naming the place of what it does not take
 * @example suggest({ values: [1200000, 3400000], surface: 'marks' })[0].labels // ['1.2M', '3.4M']
 */
export const suggest = (request: z.input<typeof suggestInput>): readonly Suggestion[] =>
  (commands.suggest!.run(request, {}) as { suggestions: readonly Suggestion[] }).suggestions
