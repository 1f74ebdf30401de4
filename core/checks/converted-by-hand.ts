import { convertsItself } from '../label/convert'
import { measureTitle } from '../measures/titles'
import type { FullStyle, Style } from '../style/fields'
import { inherit } from '../style/inherit'
import { currencyOf, lettersOf, measureOf } from '../units'
import { unitNamed } from '../units/names'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Fix, Proof } from './types'

/** A factor that stands beside a unit that is not the recorded one. */
interface ByHand {
  /** Of the case that sets it; of all other labels where it is none of them. */
  readonly at: number
  readonly by: 'twice' | 'untold'
  readonly from: string
  readonly to: string
  readonly factor: string
}
type Params = Omit<ByHand, 'at'> & { readonly label: string }

const currencyIn = ({ unit }: FullStyle): string | null => {
  const letters = lettersOf(unit)
  return currencyOf(letters === null ? unit : unitNamed(letters))
}

/** How a style converts by a factor of its own; null where it does not. */
function handIn(style: FullStyle, { context }: Proof, at: number): ByHand | null {
  const { factor } = style
  if (factor === '1' || !context) return null
  const { currency, measure } = context
  const named = currencyIn(style)
  if (convertsItself(style, context)) {
    const to = measureOf(style.unit)
    const [own, other] = to === null ? [currency, named] : [measure, to].map(measureTitleOf)
    return { at, by: 'twice', from: own ?? '', to: other ?? '', factor }
  }
  if (currency === undefined || named === null || named === currency) return null
  return { at, by: 'untold', from: currency, to: named, factor }
}
const measureTitleOf = (id: string | undefined): string =>
  id === undefined ? '' : measureTitle(id)

/** The first conversion by hand, the style's own before those of its cases. */
function firstByHand(proof: Proof): ByHand | null {
  const { full } = proof
  const own = handIn(full, proof, full.cases.length)
  if (own) return own
  for (const [at, { use }] of full.cases.entries()) {
    const found = handIn(inherit(full, use), proof, at)
    if (found) return found
  }
  return null
}

const recordedAgain = (code: string): Style => ({ unit: { kind: 'currency', code }, factor: '1' })

/**
 * Protects readers from amounts that were multiplied into another unit by hand: twice where the
 * program converts them as well, and at a rate that nobody can look up where the study has none.
 */
export const convertedByHand: Check<Params> = {
  id: 'converted-by-hand',
  title: 'A factor converts into another unit',
  weight: 'error where the program converts as well; else a warning in a case, a note elsewhere',
  finds:
    'a factor beside a unit that the program converts into by itself, so that labels are converted twice; a factor that leads to another currency, at a rate that the study does not have',
  find(proof) {
    const found = firstByHand(proof)
    if (!found) return null
    const { at: rule, ...params } = found
    const at = placesWhere(proof, (one) => saysSome(one) && one.written.rule === rule)
    if (at.length === 0) return null
    const isCase = rule < proof.full.cases.length
    const untold = isCase ? 'warning' : 'note'
    return {
      severity: params.by === 'twice' ? 'error' : untold,
      params: { ...params, label: labelAt(proof, at[0]!) },
      at,
    }
  },
  message: ({ by, from, to, factor, label }) =>
    by === 'twice'
      ? `“${label}” is converted twice: from ${from} to ${to}, and times ${factor} besides.`
      : `“${label}” is converted from ${from} to ${to} at ${factor}, a rate that the study does not have.`,
  *propose(proof): Generator<Fix> {
    const found = firstByHand(proof)
    if (!found) return
    const { at: rule, by, from } = found
    const change: Style = by === 'twice' ? { factor: '1' } : recordedAgain(from)
    const style: Style =
      rule === proof.full.cases.length
        ? { ...proof.style, ...change }
        : {
            ...proof.style,
            cases: proof.full.cases.map((one, at) =>
              at === rule ? { ...one, use: { ...one.use, ...change } as typeof one.use } : one,
            ),
          }
    yield by === 'twice'
      ? fix('no-factor', {}, { way: 'unit', style })
      : fix('keep-unit', { unit: from }, { way: 'unit', style })
  },
}
