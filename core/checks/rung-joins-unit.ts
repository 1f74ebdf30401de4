import { hasPrefixes } from '../label/prefixes'
import { unitParts } from '../label/unitParts'
import { joined } from '../label/write'
import { unprefixed } from '../measures/prefixed'
import { areAlike } from '../measures/convert'
import { measureTitle } from '../measures/titles'
import { notationOf } from '../notations'
import { unitNamed } from '../units/names'
import { fix } from './fixes'
import { placesWhere } from './numbers'
import { labelAt } from './proof'
import type { Check, Proof } from './types'
import { kindOf, measureOf } from '../units'

/** Letters of a rung and its unit, and what readers take them for together. */
type Joined = { readonly rung: string; readonly letters: string; readonly as: string }

/** The measure that letters name; null where they name none. */
const measureBy = (letters: string): string | null => measureOf(unitNamed(letters))
const METER = 'meter'
/** Whether values are lengths, beside which a rung of one letter is metres. */
const areLengths = ({ context }: Proof): boolean =>
  context?.measure !== undefined && areAlike(context.measure, METER)

/** What readers may take the letters of a rung for, with the unit behind it. */
function readingsOf(proof: Proof, rung: string, unit: string): Omit<Joined, 'rung'>[] {
  const id = unit === '' ? null : measureBy(rung + unit)
  const own = unit === '' ? null : measureBy(unit)
  const prefix = own === null ? '' : (unprefixed(own)?.symbol ?? '')
  const isTwice = prefix !== '' && measureBy(rung + unit.slice(prefix.length)) !== null
  const isLength = areLengths(proof) || (own !== null && areAlike(own, METER))
  return [
    ...(id === null ? [] : [{ letters: rung + unit, as: measureTitle(id) }]),
    ...(isTwice ? [{ letters: rung + unit, as: 'two prefixes of one unit' }] : []),
    ...(measureBy(rung) === METER && isLength ? [{ letters: rung, as: measureTitle(METER) }] : []),
  ]
}

function found(proof: Proof): { joined: Joined; at: number[] } | null {
  const { plan, decisions } = proof
  // Prefixes are meant to be read with their unit.
  if (!notationOf(proof.full).hasRungs || hasPrefixes(proof.full)) return null
  for (const { written, label } of decisions) {
    const rule = plan.rules[written.rule]!
    const rung = rule.rungs[written.rung]?.text ?? ''
    if (rung === '' || written.kind !== 'number' || written.digits === 0n) continue
    const unit = unitParts(rule).after.map((parts) => joined(parts).trim())[0] ?? ''
    // A blank between keeps a rung and a unit apart; a rung alone is taken for the unit.
    const said = readingsOf(proof, rung, unit).find(({ letters }) => label.includes(letters))
    if (!said) continue
    const at = placesWhere(proof, (one) => one.label.includes(said.letters))
    return { joined: { rung, ...said }, at }
  }
  return null
}

/** Protects readers from the letter of a power that makes another unit of the one behind it. */
export const rungJoinsUnit: Check<Joined & { readonly label: string }> = {
  id: 'rung-joins-unit',
  title: 'Rung and unit read as another unit',
  weight: 'error',
  finds:
    'a rung that reads as another unit together with the unit after it (5mg for five million grams), adds a second prefix (5MkWh), or reads as a unit by itself (5m for five million metres)',
  find(proof) {
    const one = found(proof)
    if (!one) return null
    return {
      severity: 'error',
      params: { ...one.joined, label: labelAt(proof, one.at[0]!) },
      at: one.at,
    }
  },
  message: ({ label, rung, letters, as }) =>
    `“${label}”: readers take “${letters}” for ${as}, but “${rung}” is a power of ten here.`,
  *propose({ style, full }) {
    const ladder = typeof full.ladder === 'object' ? 'short' : full.ladder
    yield fix('rung-words', {}, { way: 'unit', style: { ...style, ladder, rungForm: 'word' } })
    if (kindOf(full.unit).isMeasured)
      yield fix('unit-prefixes', {}, { way: 'unit', style: { ...style, ladder: 'si' } })
  },
}
