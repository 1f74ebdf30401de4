import { placesWhere, saysSome } from './numbers'
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
export const unfamiliarRung: Check = {
  id: 'unfamiliar-rung',
  title: 'A rung that few readers know',
  find(proof) {
    const { full, plan, written, labels } = proof
    if (full.notation !== 'scaled') return null
    const powerAt = (i: number) => plan.rules[written[i]!.rule]!.rungs[written[i]!.rung]!.power
    const named = placesWhere(proof, (i) => saysSome(proof, i) && written[i]!.exponent === null && powerAt(i) !== 0)
    const unknown = strangers(proof)
    if (unknown.length > 0 && named.length > 0) return { severity: 'note', message: `“${labels[named[0]!]}” uses a rung that readers of ${unknown.join(', ')} do not count in.`, at: named }
    const isBare = full.ladder === 'short' && full.rungForm === 'symbol'
    const high = isBare ? named.filter((i) => powerAt(i) > LAST_FAMILIAR) : []
    return high.length === 0 ? null : { severity: 'note', message: `“${labels[high[0]!]}” carries a symbol above trillion, which few readers know.`, at: high }
  },
  *propose({ style, full, readers }) {
    if (full.ladder !== 'short') yield { title: 'Count in thousands and millions', way: 'rung', style: { ...style, ladder: 'short', rung: 'each' } }
    else {
      yield { title: 'Add the power to the symbol', way: 'rung', style: { ...style, rungForm: 'symbolExponent' } }
      if (!readers || readers.length < 2) yield { title: 'Write the words', way: 'unit', style: { ...style, rungForm: 'word' } }
    }
  },
}
