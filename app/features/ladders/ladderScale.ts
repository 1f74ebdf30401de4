import { runChecks } from '~~/core/checks/run'
import type { Finding } from '~~/core/checks/types'
import { type Decimal, decimal } from '~~/core/decimal/decimal'
import { decide } from '~~/core/label/decide'
import type { Regions } from '~~/core/label/region'
import type { Plan } from '~~/core/label/types'
import { superscript } from '~~/core/decimal/superscript'
import { ownLadder } from '~~/core/ladders/own'
import { short } from '~~/core/ladders/short'
import { si } from '~~/core/ladders/si'
import type { LadderRung } from '~~/core/ladders/types'
import type { DrawnLadder, StudyLadder } from '~~/shared/ladders'
import { checkTitles } from '~/features/margin/cards'
import { words as catalogue } from '~~/words'

const { problems, knownNames } = catalogue.ladders

/** Pixels of a power of ten. */
export const STEP = 12
const ROOM = 3
const LOG_OF_TWO = Math.log10(2)
/** Where a rung stands, as a power of ten. */
export const heightOf = (
  { base }: Pick<DrawnLadder, 'base'>,
  { power }: Pick<LadderRung, 'power'>,
): number => (base === 2 ? power * LOG_OF_TWO : power)

/** The highest and the lowest power that ladders reach, with room beyond. */
export function reachOf(ladders: readonly DrawnLadder[]): { top: number; bottom: number } {
  const heights = ladders.flatMap((ladder) => ladder.rungs.map((rung) => heightOf(ladder, rung)))
  return {
    top: Math.ceil(Math.max(0, ...heights)) + ROOM,
    bottom: Math.floor(Math.min(0, ...heights)) - ROOM,
  }
}

/** The powers of a ladder that labels stand on. */
export const powersUsed = (plan: Plan, values: readonly Decimal[]): ReadonlySet<number> =>
  new Set(
    values.flatMap((value) => {
      const { kind, rule, rung } = decide(plan, value)
      const power = kind === 'number' ? plan.rules[rule]!.rungs[rung]?.power : undefined
      return power === undefined ? [] : [power]
    }),
  )

/** What keeps rungs from being a ladder; empty where nothing does. */
export function ladderTrouble(ladder: StudyLadder): string {
  const result = ownLadder.safeParse(ladder)
  if (result.success) return ''
  const [issue] = result.error.issues
  const at = issue!.path[1]
  const rung = typeof at === 'number' ? ladder.rungs[at] : undefined
  return rung && issue!.code !== 'custom'
    ? problems.nameLength({ field: String(issue!.path[2]), power: rung.power })
    : problems.other({ problem: `${issue!.message[0]!.toUpperCase()}${issue!.message.slice(1)}` })
}

/** What is found of a ladder's names. */
export interface LadderFinding {
  readonly title: string
  readonly severity: Finding['severity']
  readonly message: string
}
/** Findings that speak of a ladder's names and not of the numbers written by it. */
const OF_NAMES: ReadonlySet<string> = new Set([
  'misread',
  'same-label',
  'vanished',
  'unfamiliar-rung',
  'unclear-marks',
  'order-reversed',
])
/** Digits that tell a rung's label from its neighbours'. */
const TELLING = decimal('15')
/** Names that readers know anyway. */
const KNOWN = [short, si].flatMap(({ rungs }) =>
  rungs
    .filter(({ power }) => power >= -9 && power <= 12)
    .flatMap(({ power, symbol, word }) => [
      { text: symbol, power },
      { text: word, power },
    ]),
)

/** Names that most readers know for another power, as one finding. */
function knownOtherwise({ rungs, base = 10 }: StudyLadder): LadderFinding[] {
  const told = rungs.flatMap((rung) => {
    const others = [...new Set([rung.symbol, rung.word ?? rung.symbol])].flatMap((name) => {
      const known = KNOWN.filter(({ text }) => text === name)
      return known.length === 0 || (base === 10 && known.some(({ power }) => power === rung.power))
        ? []
        : [{ name, power: known[0]!.power }]
    })
    return others.length === 0
      ? []
      : [
          knownNames.name({
            names: others.map(({ name }) => name),
            known: `10${superscript(others[0]!.power)}`,
            here: `${base}${superscript(rung.power)}`,
          }),
        ]
  })
  return told.length === 0
    ? []
    : [
        {
          title: knownNames.title,
          severity: 'warning',
          message: knownNames.message({ names: told.join('; ') }),
        },
      ]
}

/** What is found where a label stands on each rung of a ladder, by readers of some regions. */
export function ladderFindings(
  ladder: StudyLadder,
  regions: Regions,
  readers?: readonly string[],
): LadderFinding[] {
  const { title, rungs, base = 10 } = ladder
  const values = rungs.map(({ power }): Decimal => ({
    coefficient: TELLING.coefficient,
    exponent: power - 1,
  }))
  const found =
    base === 10
      ? runChecks({
          surface: 'table',
          style: { notation: 'scaled', ladder: { title, rungs }, fraction: [0, 1] },
          values,
          context: regions,
          readers,
        })
      : []
  const known = knownOtherwise(ladder)
  // What most readers know otherwise is told once.
  const isTold = (check: string) =>
    check === 'unclear-marks' && known.length > 0 && !readers?.length
  return [
    ...known,
    ...found
      .filter(({ check }) => OF_NAMES.has(check) && !isTold(check))
      .map(({ check, severity, message }) => ({ title: checkTitles[check]!, severity, message })),
  ]
}

/** A power for another rung: a thousand times the highest, or the first free one above. */
export function freePower(rungs: readonly LadderRung[]): number {
  const powers = new Set(rungs.map(({ power }) => power))
  let power = Math.max(0, ...powers) + 3
  while (powers.has(power) || power === 0) power++
  return power
}
/** Names for a new rung that no other has. */
export function freeNames(rungs: readonly LadderRung[], power: number): LadderRung {
  const symbols = new Set(rungs.map(({ symbol }) => symbol))
  const symbol = [...'QRVWXYZ'].find((one) => !symbols.has(one)) ?? `R${'a'.repeat(rungs.length)}`
  return { power, symbol, word: symbol }
}
