import { decimalPair } from '../style/counts'
import { notationOf } from '../notations'
import { lastOf } from '../notations/clock'
import { compare, leadingPower } from '../decimal/arithmetic'
import { type Decimal, toText } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { unitOfLastDigit } from '../label/cells'
import { measureTitle } from '../measures/titles'
import { ladderOf } from '../ladders/find'
import type { LadderRung } from '../ladders/types'
import type { Style } from '../style/fields'
import { withDecimals, withFraction } from '../style/decimals'
import { withDigits } from '../style/digits'
import { shownUnitOf, stepIn, stepOut } from '../ticks/shown'
import { surfaces } from '../surfaces'
import { largest } from './numbers'
import { fix } from './fixes'
import type { Change, Fix, Proof } from './types'
import { currencyOf, measureOf } from '../units'

const MOST_MORE = 24
/** Decimals of a thousand or a million beyond these help nobody; another rung does. */
const MOST_MORE_SCALED = 3

/** The style with some fields set otherwise. */
const styled = ({ style }: Proof, way: Change['way'], changes: Style): Change => ({
  way,
  style: { ...style, ...changes },
})
/**
 * The style with what one of its cases uses changed.
 *
 * @param at the place of the case
 */
export const withCase = (
  { style, full }: Proof,
  at: number,
  changed: (use: Style) => Style,
): Style => ({
  ...style,
  cases: full.cases.map((one, place) =>
    place === at ? { ...one, use: changed(one.use) as typeof one.use } : one,
  ),
})
/** So many decimals. */
export const toDecimals = (proof: Proof, count: number): Fix =>
  fix('decimals', { count }, styled(proof, 'decimals', withDecimals(proof.style, count)))
const mostWritten = ({ decisions }: Proof): number =>
  largest(decisions.map(({ written }) => written.decimals))
const mostDecimals = (proof: Proof): number =>
  decimalPair(withDigits(proof.full).fraction)?.[1] ?? mostWritten(proof)

/** Whether labels are a clock without seconds, of which nobody reads decimals. */
const lacksSeconds = ({ full }: Proof): boolean =>
  notationOf(full).isClock && lastOf(full.clock) === 'minute'

/** More and more decimals, one at a time; seconds first where a clock has none. */
export function* moreDecimals(proof: Proof): Generator<Fix> {
  if (lacksSeconds(proof)) {
    const clock = { ...proof.style.clock, form: 'h:mm:ss' as const }
    yield fix('seconds', {}, styled(proof, 'decimals', { clock }))
    return
  }
  const most = mostDecimals(proof)
  const more =
    notationOf(proof.full).hasRungs && !surfaces[proof.surface].hasTicks
      ? MOST_MORE_SCALED
      : MOST_MORE
  for (let count = most + 1; count <= Math.min(most + more, 100); count++)
    yield toDecimals(proof, count)
}

/** Fewer and fewer decimals. */
export function* fewerDecimals(proof: Proof): Generator<Fix> {
  for (let count = mostWritten(proof) - 1; count >= 0; count--) yield toDecimals(proof, count)
}

/** A known error that is not written, written. */
export function* withError(proof: Proof): Generator<Fix> {
  const { uncertainty } = proof.full
  if (uncertainty?.form === 'unsaid')
    yield fix(
      'with-error',
      {},
      styled(proof, 'decimals', { uncertainty: { ...uncertainty, form: 'plusMinus' } }),
    )
}

/** Signs shown again where they were hidden. */
export function* shownSign(proof: Proof): Generator<Fix> {
  if (proof.full.sign === 'never')
    yield fix('show-sign', {}, styled(proof, 'sign', { sign: 'auto' }))
}

/** The units, which every ladder has between its rungs. */
const UNITS: LadderRung = { power: 0, symbol: '', word: '' }
/** The rungs that a style can put all labels in, the units among them, ascending. */
export const rungsOf = ({ full }: Proof): LadderRung[] =>
  [...ladderOf(full.ladder).rungs, UNITS].sort((a, b) => a.power - b.power)
/** "millions", "k", "whole digits" */
export function rungTitle({ full }: Proof, { power, symbol, word }: LadderRung): string {
  if (power === 0) return 'whole digits'
  return ladderOf(full.ladder).prefixes ? symbol : `${word}s`
}
/** All labels in one rung. */
export const inRung = (proof: Proof, rung: LadderRung): Fix =>
  rung.power === 0
    ? fix('whole-digits', {}, styled(proof, 'notation', { notation: 'plain', rung: 'each' }))
    : fix('in-rung', { rung: rungTitle(proof, rung) }, styled(proof, 'rung', { rung: rung.power }))

/** A rung of each label's own, the lower rungs for all, and no rung at all. */
export function* finerRungs(proof: Proof): Generator<Fix> {
  const { full } = proof
  if (!notationOf(full).hasRungs) return
  if (full.unitAt === 'label' && full.rung !== 'each')
    yield fix('own-rungs', {}, styled(proof, 'rung', { rung: 'each' }))
  const powers = proof.decisions.map(
    ({ written: { rule, rung } }) => proof.plan.rules[rule]!.rungs[rung]!.power,
  )
  const lower = rungsOf(proof)
    .filter(({ power }) => power >= 0 && power < largest(powers))
    .reverse()
  for (const rung of lower) yield inRung(proof, rung)
}

/** One rung for all labels. */
export function* oneRung(proof: Proof): Generator<Fix> {
  if (notationOf(proof.full).hasRungs)
    yield fix('one-rung', {}, styled(proof, 'rung', { rung: 'shared' }))
}

/** All labels in one style. */
export function* noCases(proof: Proof): Generator<Fix> {
  if (proof.full.cases.length > 0) yield fix('no-cases', {}, styled(proof, 'cases', { cases: [] }))
}

/** One exponent for all labels, or none. */
export function* oneExponent(proof: Proof): Generator<Fix> {
  if (notationOf(proof.full).hasExponent)
    yield fix('one-exponent', {}, styled(proof, 'exponent', { exponent: 'shared' }))
  yield fix('whole-digits', {}, styled(proof, 'notation', { notation: 'plain' }))
}

/** The unit that the ticks of an axis are told in, where that is not the recorded one. */
const shownBy = ({ full, context = {} }: Proof) => shownUnitOf(full, context)
/** What the unit of a style is called; undefined where it has no name. */
function unitWords({ unit }: Proof['full']): string | undefined {
  const measure = measureOf(unit)
  return (measure === null ? currencyOf(unit) : measureTitle(measure)) ?? undefined
}

/** Ticks at another step, told in the unit that the axis shows. @param step as it is recorded */
export function stepBy(proof: Proof, step: Decimal): Fix {
  const shown = shownBy(proof)
  const unit = shown && unitWords(proof.full)
  const told = { step: plainly(stepIn(step, shown)), ...(unit ? { unit } : {}) }
  return fix('step-by', told, {
    way: 'ticks',
    style: proof.style,
    ticks: { step: toText(step) },
  })
}

/** Ticks at the same step that go on to the ends of the data. */
export function* enclosing({ style, step, data }: Proof): Generator<Fix> {
  if (!step || !data) return
  yield fix('enclose', {}, { way: 'ticks', style, ticks: { step: toText(step), enclose: true } })
}

/** Just the decimals that the step of an axis needs. */
export function* stepDecimals(proof: Proof): Generator<Fix> {
  if (surfaces[proof.surface].hasTicks && proof.step)
    yield fix('step-decimals', {}, styled(proof, 'decimals', withFraction(proof.style, 'step')))
}
/** As many decimals on all labels as the longest has, and fewer. */
export function* exactDecimals(proof: Proof): Generator<Fix> {
  for (let count = mostWritten(proof); count >= 0; count--) {
    const exact = withFraction(proof.style, [count, count])
    yield fix('decimals', { count }, styled(proof, 'decimals', exact))
  }
}

/** The smallest round steps that the labels' last digit can tell. */
export function* widerSteps(proof: Proof): Generator<Fix> {
  const shown = shownBy(proof)
  const units = proof.decisions.map(({ written }) => unitOfLastDigit(proof.plan, written))
  const place = Math.max(...units.map((unit) => leadingPower(stepIn(unit, shown))))
  for (const [coefficient, exponent] of [
    [1n, 0],
    [2n, 0],
    [5n, 0],
    [1n, 1],
  ] as const) {
    const step = stepOut({ coefficient, exponent: place + exponent }, shown)
    if (compare(step, proof.step!) <= 0) continue
    yield stepBy(proof, step)
  }
}

/**
 * More decimals, finer rungs, and on an axis wider steps: what tells numbers apart that read alike.
 */
export function* finer(proof: Proof): Generator<Fix> {
  yield* moreDecimals(proof)
  if (surfaces[proof.surface].hasTicks) {
    if (proof.step) yield* widerSteps(proof)
  } else yield* finerRungs(proof)
}
