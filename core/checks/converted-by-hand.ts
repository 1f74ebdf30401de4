import { compare } from '../decimal/arithmetic'
import { decimal, ONE } from '../decimal/decimal'
import { convertsItself } from '../label/convert'
import { measureTitle } from '../measures/titles'
import type { FullStyle, Style } from '../style/fields'
import { inherit } from '../style/inherit'
import { measureOf } from '../units'
import { currencySaid } from '../units/said'
import { withCase } from './changes'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Fix, Proof } from './types'

/** What a factor converts between. */
type Converted = {
  readonly by: 'twice' | 'untold'
  readonly from: string
  readonly to: string
  readonly factor: string
}
/** The same with the rule whose labels it is in: the place of a case, or their count. */
interface ByHand {
  readonly rule: number
  readonly converted: Converted
}

/** What the factor of a style converts between; null if it has none, or converts no unit. */
function convertedIn(style: FullStyle, { context }: Proof): Converted | null {
  const { factor, unit } = style
  if (!context || compare(decimal(factor), ONE) === 0) return null
  const { currency, measure } = context
  const [id, code] = [measureOf(unit), currencySaid(unit)]
  if (convertsItself(style, context))
    return id !== null && measure !== undefined
      ? { by: 'twice', from: measureTitle(measure), to: measureTitle(id), factor }
      : { by: 'twice', from: currency ?? '', to: code ?? '', factor }
  if (currency === undefined || code === null || code === currency) return null
  return { by: 'untold', from: currency, to: code, factor }
}

/** Finds the first factor that converts, the style's own before those of its cases. */
function firstByHand(proof: Proof): ByHand | null {
  const { full } = proof
  const styles = full.cases.map(({ use }, rule) => ({ rule, style: inherit(full, use) }))
  for (const { rule, style } of [{ rule: full.cases.length, style: full }, ...styles]) {
    const converted = convertedIn(style, proof)
    if (converted) return { rule, converted }
  }
  return null
}

/**
 * Protects readers from values that a factor converts into another unit: twice if the program
 * converts them as well, and at a rate that nobody can look up if the study has none.
 */
export const convertedByHand: Check<Converted & { readonly label: string }> = {
  id: 'converted-by-hand',
  title: 'A factor converts units',
  weight: 'error if the program also converts; otherwise a warning in a case and a note elsewhere',
  finds:
    'a factor on a unit that the program converts already, so labels are converted twice; ' +
    'a factor that converts to another currency, with a rate that is not in the study',
  find(proof) {
    const found = firstByHand(proof)
    if (!found) return null
    const { rule, converted } = found
    const at = placesWhere(proof, (one) => saysSome(one) && one.written.rule === rule)
    if (at.length === 0) return null
    const untold = rule < proof.full.cases.length ? 'warning' : 'note'
    return {
      severity: converted.by === 'twice' ? 'error' : untold,
      params: { ...converted, label: labelAt(proof, at[0]!) },
      at,
    }
  },
  message: ({ by, from, to, factor, label }) =>
    by === 'twice'
      ? `“${label}” is converted twice: from ${from} to ${to}, then times ${factor}.`
      : `“${label}” is converted from ${from} to ${to} at ${factor}. ` +
        'The study does not have this rate.',
  *propose(proof): Generator<Fix> {
    const found = firstByHand(proof)
    if (!found) return
    const { rule, converted } = found
    const { by, from } = converted
    const change: Style =
      by === 'twice' ? { factor: '1' } : { unit: { kind: 'currency', code: from }, factor: '1' }
    const style =
      rule < proof.full.cases.length
        ? withCase(proof, rule, (use) => ({ ...use, ...change }))
        : { ...proof.style, ...change }
    yield by === 'twice'
      ? fix('no-factor', {}, { way: 'unit', style })
      : fix('keep-unit', { unit: from }, { way: 'unit', style })
  },
}
