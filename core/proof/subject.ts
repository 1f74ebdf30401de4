import type { Proof, Subject } from '../checks/types'
import { proofOf } from '../checks/proof'
import { magnitudeOf } from '../decimal/arithmetic'
import { whereResolved } from '../error'
import type { Regions } from '../label/region'
import type { Plan, Written } from '../label/types'
import type { Style } from '../style/fields'
import type { Reader, Said } from './read'
import { styleOf } from './style'

/** The place of a power in the rungs of a Plan; that of the units where none has it. */
function rungAt(plan: Plan, power: number): number {
  const { rungs } = plan.rules[0]!
  const found = rungs.findIndex((rung) => rung.base === 10 && rung.power === power)
  return found >= 0
    ? found
    : Math.max(
        0,
        rungs.findIndex((rung) => rung.power === 0),
      )
}
/** What a label says, as a decision of the Plan that writes so. */
function writtenOf({ token, digits, decimals, power, part }: Said, plan: Plan): Written {
  const { coefficient } = magnitudeOf(digits)
  const isZero = coefficient === 0n
  const negative = token.isNegative && !isZero ? ('minus' as const) : ('none' as const)
  return {
    kind: 'number',
    rule: 0,
    sign: token.sign === '+' ? 'plus' : negative,
    digits: coefficient,
    place: -decimals,
    decimals: Math.max(0, decimals),
    rung: rungAt(plan, power - part - (token.exponent ?? 0)),
    exponent: token.exponent,
    denominator: token.multiple?.denominator ?? 1,
    bound: token.bound,
  }
}

/** Only what reading needs of a style that cannot be resolved. */
const bare = ({ locale }: Style): Style => ({ locale })

/**
 * Labels that somebody else wrote, as checks look at them: the style that they are written in, and
 * in place of what that style decides what each label says.
 *
 * @param subject what the labels stand for, without a style
 * @param said what each of them says, one for each value
 * @throws RangeError for another count of labels than of values
 */
export function proofOfLabels(
  subject: Omit<Subject, 'style'>,
  said: readonly Said[],
  reader: Reader,
  regions: Regions,
): { readonly subject: Subject; readonly proof: Proof } {
  if (said.length !== subject.values.length)
    throw new RangeError(`${said.length} labels stand for ${subject.values.length} values`)
  const style = styleOf(said, reader)
  const context = { ...regions, ...subject.context }
  const styled = (one: Style): Subject => ({ ...subject, context, style: one })
  const made = (one: Style) => ({ subject: styled(one), proof: proofOf(styled(one)) })
  const found = whereResolved(() => made(style)) ?? made(bare(style))
  const decided: Proof = {
    ...found.proof,
    decisions: said.map((one) => ({
      written: writtenOf(one, found.proof.plan),
      label: one.token.text,
      said: one.value,
    })),
    which: Int32Array.from(said, (_, at) => at),
  }
  return { subject: found.subject, proof: decided }
}
