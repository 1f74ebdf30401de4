import { z } from 'zod'
import type { Ladder } from './types'

const name = z.string().min(1).max(40)

/** Whether a rung's name could be read as part of the number beside it. */
export const readsAsNumber = (text: string): boolean =>
  /\d/.test(text) || /^[eE][+\-−]?$/.test(text) || /^[.,+\-−]/.test(text)

interface Fault {
  readonly path: (string | number)[]
  readonly message: string
}
/** Returns what keeps a list of rungs from being a ladder, and where; null if nothing does. */
function faultIn(rungs: readonly { power: number; symbol: string; word?: string }[]): Fault | null {
  const fault = (at: number, field: string, message: string) => ({
    path: ['rungs', at, field],
    message,
  })
  for (const [at, { power }] of rungs.entries()) {
    const before = rungs[at - 1]?.power
    if (before !== undefined && power <= before)
      return fault(at, 'power', `the power ${power} is not above ${before}, the power before it`)
    if (power === 0)
      return fault(at, 'power', 'a rung has the power 0, but plain units have no name')
  }
  for (const field of ['symbol', 'word'] as const) {
    const seen = new Set<string>()
    for (const [at, { [field]: name }] of rungs.entries()) {
      if (name === undefined) continue
      const said = `the ${field} ${JSON.stringify(name)}`
      if (seen.has(name)) return fault(at, field, `${said} is used twice`)
      if (readsAsNumber(name)) return fault(at, field, `${said} reads as part of a number`)
      seen.add(name)
    }
  }
  return null
}

/** A ladder of the user's own, as it stands in a style. */
export const ownLadder = z
  .strictObject({
    title: z.string().max(80).optional(),
    base: z.union([z.literal(10), z.literal(2)]).optional(),
    rungs: z
      .array(
        z.strictObject({ power: z.int().min(-400).max(400), symbol: name, word: name.optional() }),
      )
      .min(1)
      .max(400),
  })
  .superRefine(({ rungs }, context) => {
    const fault = faultIn(rungs)
    if (fault) context.addIssue({ code: 'custom', ...fault })
  })
export type OwnLadder = z.infer<typeof ownLadder>

/** The same as a ladder; a rung without a word is called by its symbol. */
export const asLadder = ({ title = 'own ladder', base = 10, rungs }: OwnLadder): Ladder => ({
  id: 'own',
  title,
  base,
  rungs: rungs.map(({ power, symbol, word = symbol }) => ({ power, symbol, word })),
})
