import { regionOf } from '../label/region'
import { isEnglish } from '../locale/choose'
import { namesIn } from '../locale/compact'
import { notationOf } from '../notations'
import type { Decision } from '../label/fast/column'
import type { Rung } from '../label/types'
import { placesWhere, saysSome, listed } from './numbers'
import { labelAt, readersOf } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'
import { languageName } from '../locale/languageName'

/** Trillion: symbols above it are known to few. */
const LAST_FAMILIAR = 12
/** Where lakh and crore are counted in, and where myriads are, by language or region. */
const AT_HOME: Readonly<Record<string, RegExp>> = {
  indian: /^(hi|bn|ta|te|mr|gu|kn|ml|pa|or|as|ur|ne|si)\b|-(IN|PK|BD|NP|LK)\b/,
  myriad: /^(zh|ja|ko|yue)\b/,
}

/** Readers who do not know the ladder of a style. */
const strangers = ({ full, readers }: Proof): readonly string[] => {
  const home = typeof full.ladder === 'string' ? AT_HOME[full.ladder] : undefined
  return home ? (readers ?? [full.locale]).filter((reader) => !home.test(reader)) : []
}

/** Symbols that are read alike everywhere: prefixes of units, and K. */
const INTERNATIONAL = /^[KkMGT]$/
const rungOf = ({ plan }: Proof, { written: { rule, rung } }: Decision): Rung =>
  plan.rules[rule]!.rungs[rung]!
/** Whether a label names a power. */
const isNamed = (proof: Proof, decision: Decision): boolean =>
  saysSome(decision) && decision.written.exponent === null && rungOf(proof, decision).power !== 0
/** Readers whose region has no symbol of those that are used, by CLDR's names of powers there. */
function lackingIn(proof: Proof): readonly string[] {
  const { full, context, decisions } = proof
  if (full.ladder !== 'short' || full.rungForm !== 'symbol') return []
  const strange = readersOf(proof).filter((reader) => !isEnglish(reader))
  if (strange.length === 0) return []
  const used = new Set(
    decisions.filter((one) => isNamed(proof, one)).map((one) => rungOf(proof, one).text),
  )
  const unsure = [...used].filter((text) => !INTERNATIONAL.test(text))
  if (unsure.length === 0) return []
  return strange.filter((reader) => {
    const { short, long } = regionOf(reader, context ?? {}).system.compact
    const names = [...namesIn(short), ...namesIn(long)].map(({ text }) => text)
    return unsure.some((text) => !names.includes(text))
  })
}

/**
 * Protects readers from symbols that they do not know: above trillion, of another region’s way of
 * counting, or without a place among their region’s names of powers.
 */
export const unfamiliarRung: Check<{ label: string; readers: readonly string[] }> = {
  id: 'unfamiliar-rung',
  title: 'Few readers know this rung',
  weight: 'note',
  finds: 'a symbol above trillion, or one that the regions of the readers do not use',
  find(proof) {
    const { full } = proof
    if (!notationOf(full).hasRungs) return null
    const strange = strangers(proof)
    const unknown = strange.length > 0 ? strange : lackingIn(proof)
    const named = unknown.length > 0 ? placesWhere(proof, (one) => isNamed(proof, one)) : []
    if (named.length > 0)
      return {
        severity: 'note',
        params: { label: labelAt(proof, named[0]!), readers: unknown },
        at: named,
      }
    const isBare = full.ladder === 'short' && full.rungForm === 'symbol'
    const high = isBare
      ? placesWhere(proof, (one) => isNamed(proof, one) && rungOf(proof, one).power > LAST_FAMILIAR)
      : []
    return high.length === 0
      ? null
      : {
          severity: 'note',
          params: { label: labelAt(proof, high[0]!), readers: [] },
          at: high,
        }
  },
  message: ({ label, readers }) =>
    readers.length > 0
      ? `“${label}” uses a rung that ${listed(readers.map(languageName))} readers do not use.`
      : `“${label}” has a symbol above trillion, which few readers know.`,
  *propose({ style, full, readers }) {
    if (full.ladder !== 'short')
      yield fix(
        'short-ladder',
        {},
        { way: 'rung', style: { ...style, ladder: 'short', rung: 'each' } },
      )
    else {
      yield fix(
        'power-beside',
        {},
        { way: 'rung', style: { ...style, rungForm: 'symbolExponent' } },
      )
      if (!readers || readers.length < 2)
        yield fix('in-words', {}, { way: 'unit', style: { ...style, rungForm: 'word' } })
    }
  },
}
