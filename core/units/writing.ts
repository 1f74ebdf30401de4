import { type Marks, noBreak, partIf } from '../locale/parts'
import { parsePattern } from '../locale/pattern'
import type { UnitTexts } from './types'

const NUMBER_ALONE = parsePattern('#')

/** A number without any unit. */
export const numberAlone = (marks: Marks): UnitTexts => ({
  layer: { pattern: NUMBER_ALONE, fill: { marks, unit: '', text: 'literal' } },
  before: [],
  after: [],
  title: { side: 'after', text: '' },
  isMoney: false,
  named: null,
})

/** Letters on one side of the number. @param gap between them, which breaks no line */
export function lettersBeside(
  text: string,
  side: 'before' | 'after',
  gap: string,
  marks: Marks,
): UnitTexts {
  const [unit, space] = [partIf('unit', text), partIf('gap', noBreak(gap))]
  return {
    ...numberAlone(marks),
    title: { side, text },
    ...(side === 'before' ? { before: [...unit, ...space] } : { after: [...space, ...unit] }),
  }
}
