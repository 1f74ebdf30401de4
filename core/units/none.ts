import { z } from 'zod'
import { type UnitKind, USUAL } from './types'
import { numberAlone } from './writing'

export const noneSchema = z.strictObject({ kind: z.literal('none') })

/** Numbers without a unit. */
export const none: UnitKind<z.infer<typeof noneSchema>> = {
  ...USUAL,
  kind: 'none',
  takes: '{"kind": "none"}',
  isWritten: false,
  goesWithClock: true,
  options: () => ({}),
  say: () => 'no unit',
  write: (_, { marks }) => numberAlone(marks),
}
