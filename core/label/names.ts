import { tenTo } from '../decimal/arithmetic'
import { pluralOf } from '../locale/plurals'
import { digitsOf } from './digits'
import type { Name, Rule, Written } from './types'

/** Whether a name that says a number may stand for it: nothing else is written of it. */
const standsAlone = (
  rule: Rule,
  { sign, exponent, bound, kind, digits, place }: Written,
  says: string,
) =>
  kind === 'number' &&
  sign === 'none' &&
  exponent === null &&
  bound === '' &&
  !rule.multiple &&
  place <= 0 &&
  BigInt(says) * tenTo(-place) === digits
/**
 * A unit's name: its plural is that of the whole number, a million euros as a million of them.
 */
export function nameFor(rule: Rule, written: Written): Name {
  const names = rule.names!
  const { power, base } = rule.rungs[written.rung]!
  const raised = base === 10 ? Math.max(0, written.exponent ?? power) : 0
  const { whole, fraction } = digitsOf(written)
  const operands = {
    whole: whole + fraction.slice(0, raised).padEnd(raised, '0'),
    fraction: fraction.slice(raised),
    power: raised,
  }
  const name = names[pluralOf(rule.plurals ?? {}, operands)] ?? names.other!
  const [, , says] = name
  return says === undefined || standsAlone(rule, written, says) ? name : names.other!
}
