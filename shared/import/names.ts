import { orderOf } from '../../core/data/dates'
import type { ColumnReason } from '../study/columnReason'
import { doubleText, SAMPLED } from './numbers'
import { type Role } from '../../core/data/roles'
import { type Judged, roleOfTexts } from './roles'
import type { Ask, Cells, ImportedColumn } from './types'

function* textsOf({ texts }: Cells): Generator<string> {
  for (const looked of texts) if (looked) yield looked.text
}
/** How many cells are missing. */
export function missingIn({ eachOther }: Cells): number {
  let count = 0
  eachOther(({ isMissing }) => {
    if (isMissing) count++
  })
  return count
}

const NAMES = { kind: 'text', doubles: null, unread: [] } as const

/** The question which of some roles a column has. */
export const askForRole = (choices: readonly Role[]): Ask => ({ about: 'role', choices, cells: [] })

/** Names: cells as they stand, which nothing reckons with. */
export function namesOf(
  name: string,
  { texts, doubles, length }: Cells,
  { role, why, asks }: Judged,
  missing: number,
): ImportedColumn {
  const textAt = (at: number) => texts[at]?.text ?? doubleText(doubles[at]!)
  const first = new Set<string>()
  for (let at = 0; at < length && first.size < SAMPLED; at++)
    if (!texts[at]?.isMissing) first.add(textAt(at))
  return {
    name,
    ...NAMES,
    role,
    reason: why ?? { code: 'text' },
    cells: () => Array.from({ length }, (_, at) => textAt(at)),
    last: length > 0 ? textAt(length - 1) : null,
    sample: [...first].map((text) => ({ text, value: text })),
    missing,
    ...(asks ? { asks: [askForRole(asks)] } : {}),
  }
}

/** A role that somebody said. */
export const saidToBe = (role: Role): Judged => ({ role, why: { code: 'role', role } })

/** What a column of texts makes; null where some cells' texts were not kept. */
export function textColumn(
  name: string,
  cells: Cells,
  reason: ColumnReason | null,
  missing: number,
  wanted?: Role,
): ImportedColumn | null {
  const { texts, length } = cells
  if (texts.filter(Boolean).length < length) return null
  const dates = missing === length ? null : orderOf(textsOf(cells))
  if (wanted) return namesOf(name, cells, saidToBe(wanted), missing)
  if (dates)
    return namesOf(name, cells, { role: 'date', why: { code: 'dates', order: dates } }, missing)
  if (reason?.code === 'leadingZeros')
    return namesOf(name, cells, { role: 'code', why: reason }, missing)
  const judged = roleOfTexts(textsOf(cells))
  return namesOf(name, cells, { ...judged, why: judged.why ?? reason }, missing)
}
