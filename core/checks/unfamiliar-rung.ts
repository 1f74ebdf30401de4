import { regionOf } from '../label/region'
import { isEnglish } from '../locale/choose'
import { namesIn } from '../locale/compact'
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

/** Symbols that are read alike everywhere: prefixes of units, and K. */
const INTERNATIONAL = /^[KkMGT]$/
/** Readers whose region has no such symbol, by CLDR's names of powers there. */
function lackingIn(proof: Proof, texts: ReadonlySet<string>): readonly string[] {
  const { full, readers, context } = proof
  if (full.ladder !== 'short' || full.rungForm !== 'symbol') return []
  const unsure = [...texts].filter((text) => !INTERNATIONAL.test(text))
  return (readers?.length ? readers : [full.locale]).filter((reader) => {
    if (unsure.length === 0 || isEnglish(reader)) return false
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
  title: 'A rung that few readers know',
  weight: 'note',
  finds: "a symbol above trillion, or one that the readers' regions do not have",
  find(proof) {
    const { full, plan } = proof
    if (!notationOf(full).hasRungs) return null
    const powerOf = ({ written: { rule, rung } }: Decision) => plan.rules[rule]!.rungs[rung]!.power
    const isNamed = (decision: Decision) =>
      saysSome(decision) && decision.written.exponent === null && powerOf(decision) !== 0
    const used = new Set(
      proof.decisions
        .filter(isNamed)
        .map(({ written: { rule, rung } }) => plan.rules[rule]!.rungs[rung]!.text),
    )
    const strange = strangers(proof)
    const unknown = strange.length > 0 ? strange : lackingIn(proof, used)
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
