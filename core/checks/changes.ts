import { compare, leadingPower } from '../decimal/arithmetic'
import { type Decimal, toText } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { unitOfLastDigit } from '../label/decide'
import { ladderOf } from '../ladders/find'
import type { LadderRung } from '../ladders/types'
import type { Style } from '../style/fields'
import { decimalsText, withDecimals } from '../style/decimals'
import { withDigits } from '../style/digits'
import { largest } from './numbers'
import type { Change, Proof } from './types'

const MOST_MORE = 24
/** Decimals of a thousand or a million beyond these help nobody; another rung does. */
const MOST_MORE_SCALED = 3

const styled = ({ style }: Proof, title: string, way: Change['way'], changes: Style): Change => ({
  title,
  way,
  style: { ...style, ...changes },
})
/** So many decimals. */
export const toDecimals = (proof: Proof, count: number): Change =>
  styled(proof, `Write ${decimalsText(count)}`, 'decimals', withDecimals(proof.style, count))
const mostWritten = ({ decisions }: Proof): number =>
  largest(decisions.map(({ written }) => written.decimals))
const mostDecimals = (proof: Proof): number =>
  withDigits(proof.full).fraction?.[1] ?? mostWritten(proof)

/** More and more decimals, one at a time. */
export function* moreDecimals(proof: Proof): Generator<Change> {
  const most = mostDecimals(proof)
  const more =
    proof.full.notation === 'scaled' && proof.surface !== 'axis' ? MOST_MORE_SCALED : MOST_MORE
  for (let count = most + 1; count <= Math.min(most + more, 100); count++)
    yield toDecimals(proof, count)
}

/** Fewer and fewer decimals. */
export function* fewerDecimals(proof: Proof): Generator<Change> {
  for (let count = mostWritten(proof) - 1; count >= 0; count--) yield toDecimals(proof, count)
}

/** Signs shown again where they were hidden. */
export function* shownSign(proof: Proof): Generator<Change> {
  if (proof.full.sign === 'never') yield styled(proof, 'Show the sign', 'sign', { sign: 'auto' })
}

/** The units, which every ladder has between its rungs. */
const UNITS: LadderRung = { power: 0, symbol: '', word: '' }
/** The rungs that a style can put all labels in, the units among them, ascending. */
export const rungsOf = ({ full }: Proof): LadderRung[] =>
  [...ladderOf(full.ladder).rungs, UNITS].sort((a, b) => a.power - b.power)
/** "millions", "k", "whole digits" */
export const rungTitle = ({ full }: Proof, { power, symbol, word }: LadderRung): string =>
  power === 0 ? 'whole digits' : ladderOf(full.ladder).prefixes ? symbol : `${word}s`
/** All labels in one rung. */
export const inRung = (proof: Proof, rung: LadderRung): Change =>
  rung.power === 0
    ? styled(proof, 'Write whole digits', 'notation', { notation: 'plain', rung: 'each' })
    : styled(proof, `Write all in ${rungTitle(proof, rung)}`, 'rung', { rung: rung.power })

/** A rung of each label's own, the lower rungs for all, and no rung at all. */
export function* finerRungs(proof: Proof): Generator<Change> {
  const { full } = proof
  if (full.notation !== 'scaled') return
  if (full.unitAt === 'label' && full.rung !== 'each')
    yield styled(proof, 'Give each label its own rung', 'rung', { rung: 'each' })
  const powers = proof.decisions.map(
    ({ written: { rule, rung } }) => proof.plan.rules[rule]!.rungs[rung]!.power,
  )
  const lower = rungsOf(proof)
    .filter(({ power }) => power >= 0 && power < largest(powers))
    .reverse()
  for (const rung of lower) yield inRung(proof, rung)
}

/** One rung for all labels. */
export function* oneRung(proof: Proof): Generator<Change> {
  if (proof.full.notation === 'scaled')
    yield styled(proof, 'Share one rung', 'rung', { rung: 'shared' })
}

/** One exponent for all labels, or none. */
export function* oneExponent(proof: Proof): Generator<Change> {
  if (proof.full.notation === 'scientific' || proof.full.notation === 'engineering')
    yield styled(proof, 'Share one exponent', 'exponent', { exponent: 'shared' })
  yield styled(proof, 'Write whole digits', 'notation', { notation: 'plain' })
}

/** The smallest round steps that the labels' last digit can tell. */
export function* widerSteps(proof: Proof): Generator<Change> {
  const place = Math.max(
    ...proof.decisions.map(({ written }) => leadingPower(unitOfLastDigit(proof.plan, written))),
  )
  for (const [coefficient, exponent] of [
    [1n, 0],
    [2n, 0],
    [5n, 0],
    [1n, 1],
  ] as const) {
    const step: Decimal = { coefficient, exponent: place + exponent }
    if (compare(step, proof.step!) <= 0) continue
    yield {
      title: `Step by ${plainly(step)}`,
      way: 'ticks',
      style: proof.style,
      ticks: { step: toText(step) },
    }
  }
}

/** More decimals, finer rungs, and on an axis wider steps: what tells numbers apart that read alike. */
export function* finer(proof: Proof): Generator<Change> {
  yield* moreDecimals(proof)
  if (proof.surface === 'axis') {
    if (proof.step) yield* widerSteps(proof)
  } else yield* finerRungs(proof)
}
