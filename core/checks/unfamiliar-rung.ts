import { notationOf } from '../notations'
import type { Decision } from '../label/fast/column'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'

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

/** A symbol above trillion, or one that the readers' regions do not know. */
export const unfamiliarRung: Check<{ label: string; readers: readonly string[] }> = {
  id: 'unfamiliar-rung',
  title: 'A rung that few readers know',
  weight: 'note',
  finds: "a symbol above trillion, or one that the readers' regions do not have",
  find(proof) {
    const { full, plan } = proof
    if (!notationOf(full).hasRungs) return null
    const powerOf = ({ written: { rule, rung } }: Decision) => plan.rules[rule]!.rungs[rung]!.power
    const isNamed = (decision: Decision) =>
      saysSome(decision) && decision.written.exponent === null && powerOf(decision) !== 0
    const unknown = strangers(proof)
    const named = unknown.length > 0 ? placesWhere(proof, isNamed) : []
    if (named.length > 0)
      return {
        severity: 'note',
        params: { label: labelAt(proof, named[0]!), readers: unknown },
        at: named,
      }
    const isBare = full.ladder === 'short' && full.rungForm === 'symbol'
    const high = isBare
      ? placesWhere(proof, (decision) => isNamed(decision) && powerOf(decision) > LAST_FAMILIAR)
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
      ? `“${label}” uses a rung that readers of ${readers.join(', ')} do not count in.`
      : `“${label}” carries a symbol above trillion, which few readers know.`,
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
