import { compare } from '../decimal/arithmetic'
import { type Decimal, decimal, parseDecimal, ZERO } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { boundSigns } from '../label/bounds'
import type { Interval } from '../label/readback'
import { placesWhere } from './numbers'
import { labelAt, saidAt, writtenAt } from './proof'
import { fix } from './fixes'
import type { Check, Found, Proof } from './types'

type Untrue = {
  readonly what: 'bound' | 'zero' | 'missing'
  readonly label: string
  readonly said: string
  readonly meant: string
}
type Verdict = Found<Untrue> | null

/** The number that a text says by plain digits; null where it says none. */
function numberIn(text: string): Decimal | null {
  const digits = text.replace(/[\s\u00a0\u202f]/g, '').replace(/^[−‒–](?=\d)/, '-')
  return parseDecimal(digits.replace(/,(?=\d{3}(\D|$))/g, ''))
}

/** The interval that a label by a bound means: all below it, or all above. */
function meantAt(proof: Proof, at: number): Interval | null {
  const { bound, rule: place } = writtenAt(proof, at)
  const rule = proof.plan.rules[place]!
  if (bound === boundSigns(rule).under)
    return rule.under === null ? null : { from: null, to: decimal(rule.under) }
  return rule.over === null ? null : { from: decimal(rule.over), to: null }
}
const endOf = ({ from, to }: Interval): Decimal => (to ?? from)!
const sideText = ({ to }: Interval, end: Decimal): string =>
  `${to ? 'below' : 'above'} ${plainly(end)}`

/** A bound whose label is another number, as where its sign is hidden. */
function untrueBound(proof: Proof): Verdict {
  const isUntrue = (at: number) => {
    const meant = meantAt(proof, at)
    return meant !== null && compare(saidAt(proof, at), endOf(meant)) !== 0
  }
  const at = placesWhere(proof, ({ written }) => (written.bound === '' ? false : null), isUntrue)
  const first = at[0]
  if (first === undefined) return null
  const meant = meantAt(proof, first)!
  const params: Untrue = {
    what: 'bound',
    label: labelAt(proof, first),
    said: sideText(meant, saidAt(proof, first)),
    meant: sideText(meant, endOf(meant)),
  }
  return { severity: 'error', params, at }
}

/** A text for zero or for nothing that says a number. */
function untrueText({ full }: Proof): Verdict {
  const { zero, missing } = full
  const ofZero = zero === null ? null : numberIn(zero)
  if (ofZero && compare(ofZero, ZERO) !== 0)
    return {
      severity: 'error',
      params: { what: 'zero', label: zero!, said: plainly(ofZero), meant: '0' },
      at: [],
    }
  const ofMissing = numberIn(missing)
  if (!ofMissing) return null
  return {
    severity: 'error',
    params: { what: 'missing', label: missing, said: plainly(ofMissing), meant: '' },
    at: [],
  }
}

const messages: Readonly<Record<Untrue['what'], (untrue: Untrue) => string>> = {
  bound: ({ label, said, meant }) => `“${label}” means ${said}, but the number is ${meant}.`,
  zero: ({ label, said }) => `Zero is written “${label}”, which reads as ${said}.`,
  missing: ({ label, said }) => `Missing values are written “${label}”, which reads as ${said}.`,
}

/**
 * Protects readers from a bound, or a text for zero or for nothing, that says another number.
 * Texts without digits are left alone, whatever they mean.
 */
export const boundUntrue: Check<Untrue> = {
  id: 'bound-untrue',
  title: 'A bound or text is wrong',
  brings: { checks: ['same-label', 'misread'] },
  weight: 'error',
  finds:
    'a bound whose label means another number, for example with its sign hidden; a text for zero or missing values that reads as a number',
  find: (proof) => untrueBound(proof) ?? untrueText(proof),
  message: (untrue) => messages[untrue.what](untrue),
  *propose({ style, full }) {
    if (full.sign === 'never')
      yield fix('show-sign', {}, { way: 'sign', style: { ...style, sign: 'auto' } })
    yield fix('plain-texts', {}, { way: 'labels', style: { ...style, zero: null, missing: 'n/a' } })
  },
}
