import { z } from 'zod'
import type { Ladder } from './types'

const name = z.string().min(1).max(40)

/** Whether a rung's name could be read as part of the number beside it. */
export const readsAsNumber = (text: string): boolean =>
  /\d/.test(text) || /^[eE][+\-−]?$/.test(text) || /^[.,+\-−]/.test(text)

/** What keeps a list of rungs from being a ladder; null where nothing does. */
function fault(rungs: readonly { power: number; symbol: string; word?: string }[]): string | null {
  for (let at = 1; at < rungs.length; at++) {
    if (rungs[at]!.power <= rungs[at - 1]!.power)
      return `the power ${rungs[at]!.power} is not above ${rungs[at - 1]!.power}, the power before it`
  }
  if (rungs.some(({ power }) => power === 0))
    return 'a rung has the power 0, but plain units have no name'
  for (const key of ['symbol', 'word'] as const) {
    const names = rungs.map((rung) => rung[key]).filter((one) => one !== undefined)
    const twice = names.find((one, at) => names.indexOf(one) !== at)
    if (twice !== undefined) return `the ${key} ${JSON.stringify(twice)} is used twice`
    const numeral = names.find(readsAsNumber)
    if (numeral !== undefined)
      return `the ${key} ${JSON.stringify(numeral)} reads as part of a number`
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
    const message = fault(rungs)
    if (message) context.addIssue({ code: 'custom', message })
  })
export type OwnLadder = z.infer<typeof ownLadder>

/** The same as a ladder; a rung without a word is called by its symbol. */
export const asLadder = ({ title = 'own ladder', base = 10, rungs }: OwnLadder): Ladder => ({
  id: 'own',
  title,
  base,
  rungs: rungs.map(({ power, symbol, word = symbol }) => ({ power, symbol, word })),
})
