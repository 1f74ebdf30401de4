import { z } from 'zod'
import { parsePattern } from '../locale/pattern'
import type { SystemTable } from '../locale/types'
import { type UnitKind, type UnitSetting, type UnitTexts, USUAL } from './types'
import { lettersBeside, numberAlone } from './writing'

const schemaOf = <Kind extends string>(kind: Kind) => z.strictObject({ kind: z.literal(kind) })
export const ratioSchemas = [
  schemaOf('percent'),
  schemaOf('permille'),
  schemaOf('percentPoint'),
  schemaOf('basisPoint'),
] as const
type Ratio = z.infer<(typeof ratioSchemas)[number]>

/** The region's pattern for percent, with one of its signs. */
const bySign =
  (sign: (system: SystemTable) => string) =>
  (_: unknown, { region: { system }, marks }: UnitSetting): UnitTexts => {
    const text = sign(system)
    const pattern = parsePattern(system.patterns.percent)
    return {
      ...numberAlone(marks),
      layer: { pattern, fill: { marks, unit: text, text: 'literal' } },
      title: { side: 'after', text },
    }
  }
const byLetters =
  (text: string) =>
  (_: unknown, { marks }: UnitSetting): UnitTexts =>
    lettersBeside(text, 'after', ' ', marks)

/** Parts of one: a label says how many of them make up its number. */
export const ratios: { readonly [Kind in Ratio['kind']]: UnitKind<{ kind: Kind }> } = {
  percent: {
    ...USUAL,
    kind: 'percent',
    takes: '{"kind": "percent"}',
    isShare: true,
    perOne: '100',
    usualDecimals: () => 0,
    percentSign: () => 'multiplies',
    options: () => ({ style: 'percent' }),
    say: () => 'as percent',
    write: bySign(({ percent }) => percent),
  },
  permille: {
    ...USUAL,
    kind: 'permille',
    takes: '{"kind": "permille"}',
    isShare: true,
    perOne: '1000',
    say: () => 'as permille',
    write: bySign(({ permille }) => permille),
  },
  percentPoint: {
    ...USUAL,
    kind: 'percentPoint',
    takes: '{"kind": "percentPoint"}',
    perOne: '100',
    say: () => 'as percentage points',
    write: byLetters('pp'),
  },
  basisPoint: {
    ...USUAL,
    kind: 'basisPoint',
    takes: '{"kind": "basisPoint"}',
    perOne: '10000',
    say: () => 'as basis points',
    write: byLetters('bp'),
  },
}
