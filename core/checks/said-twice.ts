import { unitParts } from '../label/unitParts'
import { REGIONAL } from '../ladders/find'
import { notationOf } from '../notations'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'
import { isWritten } from '../units'

type Twice = { readonly label: string; readonly said: string; readonly where: 'title' | 'text' }

/** Words of a title that name what the labels count in: behind a comma, in brackets, after "in". */
const COUNTED =
  /(?:,\s*|[([]\s*|\bin\s+|^)((?:[\p{Sc}]|[a-z]{1,3}\s)?\s*(thousands?|millions?|billions?|trillions?|mn|bn|tn|mio|mrd)\b)/iu
const SYMBOL_IN_TITLE = /(?:,\s*|[([]\s*|\bin\s+)([^\s,()[\]]+(?:\s[^\s,()[\]]+)?)\s*[)\]]?\s*$/u

/** The words of the unit, on either side. */
function unitWords({ plan }: Proof): string[] {
  const { before, after } = unitParts(plan.rules.at(-1)!)
  return [...before, ...after]
    .flat()
    .filter(({ type }) => type === 'unit')
    .map(({ value }) => value.trim())
    .filter(Boolean)
}
/** Whether some label says a rung. */
const saysRung = ({ plan, decisions }: Proof): boolean =>
  decisions.some(
    (one) =>
      saysSome(one) &&
      one.written.exponent === null &&
      plan.rules[one.written.rule]!.rungs[one.written.rung]!.text !== '',
  )

/** A rung in the title and on the labels: the number seems to be a thousand times larger. */
function rungTwice(proof: Proof): string | null {
  const { title = '', full } = proof
  // The words of a region's own forms are not those of titles.
  if (!notationOf(full).hasRungs || full.ladder === REGIONAL) return null
  if (full.unitAt !== 'label' || !saysRung(proof)) return null
  const named = COUNTED.exec(title.replace(/\s*$/, ' '))?.[2]
  if (!named) return null
  // A name at the head of a title is a count only where nothing is named by it.
  const isHead = title.trim().toLowerCase().startsWith(named.toLowerCase())
  return isHead && title.trim().length > named.length ? null : named
}
function unitTwice(proof: Proof): string | null {
  const { title = '', full } = proof
  if (full.unitAt !== 'label' || !isWritten(full.unit)) return null
  const said = SYMBOL_IN_TITLE.exec(title)?.[1]
  return unitWords(proof).find((text) => text === said) ?? null
}
/** The unit in the texts around a label that has it anyway. */
function inTexts(proof: Proof): string | null {
  const { before, after, unit } = proof.full
  if (!isWritten(unit)) return null
  const words = [...before.trim().split(/\s+/), ...after.trim().split(/\s+/)].filter(Boolean)
  return (
    unitWords(proof).find((text) =>
      words.some((word) => word === text || (/\p{Sc}$/u.test(word) && word.endsWith(text))),
    ) ?? null
  )
}

/**
 * Protects readers from a unit or a power that is said twice: they multiply once more. A title that
 * names a thing by such a word is left alone.
 */
export const saidTwice: Check<Twice> = {
  id: 'said-twice',
  title: 'A unit or power is repeated',
  weight: 'warning',
  finds:
    'a unit or power in the title and on each label, or in a text around labels that have it already',
  find(proof) {
    const title = rungTwice(proof) ?? unitTwice(proof)
    const said = title ?? inTexts(proof)
    const at = said ? placesWhere(proof, saysSome) : []
    if (!said || at.length === 0) return null
    const where = title ? 'title' : 'text'
    return { severity: 'warning', params: { label: labelAt(proof, at[0]!), said, where }, at }
  },
  message: ({ label, said, where }) =>
    where === 'title'
      ? `The title says “${said}” and “${label}” repeats it. Readers may apply it twice.`
      : `“${label}” says “${said}” twice.`,
  *propose(proof) {
    const { style, full } = proof
    if (inTexts(proof))
      yield fix('no-texts', {}, { way: 'labels', style: { ...style, before: '', after: '' } })
    if (full.rung !== 'each' || isWritten(full.unit))
      yield fix('unit-in-title', {}, { way: 'unit', style: { ...style, unitAt: 'title' } })
    yield fix('whole-digits', {}, { way: 'notation', style: { ...style, notation: 'plain' } })
  },
}
