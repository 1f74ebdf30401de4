import { DEFAULTS, FIELD_NAMES, type FieldName, type FullStyle, type Style } from './fields'
import type { StyleCase } from './schemas'

/** Setting one of decimals and significant digits takes back an inherited other. */
function clearOther(level: Style): Style {
  if (level.fraction && level.significant === undefined) return { significant: null }
  if (level.significant && level.fraction === undefined) return { fraction: null }
  return {}
}

/**
 * Lays levels of style over one another: what is set on a later level replaces what stands
 * on an earlier one; marks are merged mark by mark, a clock part by part, and decimals and
 * significant digits
 * replace each other. Where neither is set, both are null, and what is written follows from the
 * unit (`withDigits`).
 *
 * @param levels from the house style to the surface
 * @example inherit({ fraction: [0, 1] }, { notation: 'scaled' }) // both set, the rest by default
 */
export function inherit(...levels: readonly Style[]): FullStyle {
  let full: FullStyle = { ...DEFAULTS, fraction: null }
  for (const level of levels) {
    full = {
      ...full,
      ...clearOther(level),
      ...level,
      marks: { ...full.marks, ...level.marks },
      clock: { ...full.clock, ...level.clock },
    }
  }
  return full
}

/**
 * The place of the last level that sets a field; -1 where it is the built-in default.
 *
 * @param levels from the house style to the surface
 * @example originOf([{ locale: 'de' }, { fraction: [0, 1] }], 'locale') // 0
 */
export const originOf = (levels: readonly Style[], field: FieldName): number =>
  levels.findLastIndex((level) => ({ ...clearOther(level), ...level })[field] !== undefined)

/**
 * Fields that are set and taken back as one: decimals and significant digits take each other's
 * place.
 *
 * @example together('fraction') // ['fraction', 'significant']
 */
export const together = (field: FieldName): FieldName[] =>
  field === 'fraction' || field === 'significant' ? ['fraction', 'significant'] : [field]

/**
 * The fields in which one style differs from another.
 *
 * @example difference(inherit({}), inherit({ fraction: [0, 1] })) // { fraction: [0, 1] }
 */
export function difference(from: Style, to: Style): Style {
  const differing = FIELD_NAMES.filter(
    (name) => JSON.stringify(from[name]) !== JSON.stringify(to[name]),
  )
  return Object.fromEntries(differing.map((name) => [name, to[name]])) as Style
}

/** Whether a page is as wide as a case wants it; of one whose width is not known, none is. */
const holdsAt = (
  { from = 0, to = Infinity }: { from?: number; to?: number },
  pageWidth: number | undefined,
): boolean => pageWidth !== undefined && from <= pageWidth && pageWidth < to

/**
 * A style as it writes on a page of some width: a case for that width takes all that the cases
 * before it leave, and the others for a width are gone.
 *
 * @param full complete
 * @param pageWidth in CSS pixels; where it is not known no case for a width holds
 * @example atWidth(inherit({ cases: [{ when: { width: { to: 480 } }, use: { fraction: [0, 0] } }] }), 360).fraction // [0, 0]
 */
export function atWidth(full: FullStyle, pageWidth?: number): FullStyle {
  if (!full.cases.some(({ when }) => 'width' in when)) return full
  const at = full.cases.findIndex(({ when }) => 'width' in when && holdsAt(when.width, pageWidth))
  const kept = full.cases.slice(0, at < 0 ? undefined : at).filter(({ when }) => !('width' in when))
  if (at < 0) return { ...full, cases: kept }
  const { use } = full.cases[at]!
  const own = { ...full, cases: [] }
  // What a case before it writes is laid over the style itself, not over that of the width.
  const cases = kept.map(({ when, use: before }) => {
    const { missing: _, align: __, cases: ___, ...whole } = inherit(own, before)
    return { when, use: whole }
  })
  return { ...inherit(own, use), cases }
}

/**
 * The styles that a style writes with, each with its condition: those of its cases, and itself for
 * what no case takes.
 *
 * @param full complete
 * @example stylesOf(inherit({})) // [{ when: null, style: … }]
 */
export function stylesOf(full: FullStyle): { when: StyleCase['when'] | null; style: FullStyle }[] {
  const cases = full.cases.map(({ when, use }) => ({
    when,
    style: inherit({ ...full, cases: [] }, use),
  }))
  return [...cases, { when: null, style: full }]
}
