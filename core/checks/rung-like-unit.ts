import { hasPrefixes } from '../label/prefixes'
import { unitParts } from '../label/unitParts'
import { joined } from '../label/write'
import { notationOf } from '../notations'
import { placesWhere, saysSome } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'

type Alike = { readonly label: string; readonly unit: string; readonly as: string }

/** Letters that readers know as powers, each with its name. */
const RUNGS: Readonly<Record<string, string>> = {
  K: 'thousand',
  k: 'thousand',
  M: 'million',
  G: 'billion',
  B: 'billion',
  T: 'trillion',
}
/** Units whose thousandths and millions are both in use, told apart by m and M alone. */
const BOTH_WAYS = /^m(W|Wh|J|Hz|Pa)$/
/** The texts of units behind the numbers. */
const unitTexts = ({ plan }: Proof): string[] =>
  plan.rules.flatMap((rule) => unitParts(rule).after).map((parts) => joined(parts).trim())

function likeRung(proof: Proof): Omit<Alike, 'label'> | null {
  // Prefixes are joined to their unit, and read with it.
  if (hasPrefixes(proof.full)) return null
  const unit = unitTexts(proof).find((text) => RUNGS[text] !== undefined || BOTH_WAYS.test(text))
  if (unit === undefined) return null
  return { unit, as: RUNGS[unit] ?? `mega${unit.slice(1)}, a thousand million times as much` }
}

/** Rungs whose symbols differ by their case alone, or by being doubled: k and K, M and MM. */
function mixed({ plan, decisions }: Proof): Omit<Alike, 'label'> | null {
  const used = new Set(
    decisions.flatMap(({ written }) => plan.rules[written.rule]!.rungs[written.rung]?.text || []),
  )
  const texts = [...used]
  for (const one of texts)
    for (const other of texts) {
      const isDoubled = other === one + one
      const isCase = one !== other && one.toLowerCase() === other.toLowerCase() && one !== 'm'
      if (isDoubled || (isCase && other !== 'm')) return { unit: other, as: `“${one}”` }
    }
  return null
}

/**
 * Protects readers from unit letters that stand where thousands and millions do. Units whose letter
 * nobody takes for a power (5 m, 5 mg) are left alone, and so are prefixes that are joined to their
 * unit.
 */
export const rungLikeUnit: Check<Alike> = {
  id: 'rung-like-unit',
  title: 'The unit reads as a rung',
  weight: 'warning',
  finds:
    'a unit of one letter that is a power’s symbol too (300 K), small and large units told apart by m and M alone (5 mW), and k beside K or M beside MM',
  find(proof) {
    const found = likeRung(proof) ?? (notationOf(proof.full).hasRungs ? mixed(proof) : null)
    const at = found ? placesWhere(proof, saysSome) : []
    if (!found || at.length === 0) return null
    return { severity: 'warning', params: { ...found, label: labelAt(proof, at[0]!) }, at }
  },
  message: ({ label, unit, as }) => `“${label}”: the unit “${unit}” can be mistaken for ${as}.`,
  *propose({ style }) {
    yield fix('unit-in-title', {}, { way: 'unit', style: { ...style, unitAt: 'title' } })
  },
}
