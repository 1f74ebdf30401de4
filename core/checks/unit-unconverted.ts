import { toText } from '../decimal/decimal'
import type { FullStyle, Style } from '../style/fields'
import { placesWhere } from './numbers'
import { labelAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'

type Unit = FullStyle['unit']

/**
 * How many of the second unit one of the first is; both ways, by the SI prefixes and its litre and
 * tonne.
 */
const FACTORS: readonly (readonly [string, string, number])[] = [
  ['kg', 'g', 3],
  ['t', 'kg', 3],
  ['t', 'g', 6],
  ['g', 'mg', 3],
  ['m³', 'l', 3],
  ['m³', 'L', 3],
  ['hl', 'l', 2],
  ['l', 'ml', 3],
  ['L', 'mL', 3],
  ['km', 'm', 3],
  ['m', 'cm', 2],
  ['m', 'mm', 3],
  ['cm', 'mm', 1],
  ['km²', 'ha', 2],
  ['ha', 'm²', 4],
  ['MWh', 'kWh', 3],
  ['GWh', 'MWh', 3],
  ['kW', 'W', 3],
  ['MW', 'kW', 3],
]
const powerOf = (from: string, to: string): number | null => {
  const found = FACTORS.find(
    ([large, small]) => (large === from && small === to) || (large === to && small === from),
  )
  if (!found) return null
  return found[0] === from ? found[2] : -found[2]
}

/** What a unit is called; null where none can be converted into. */
function nameOf(unit: Unit): string | null {
  if (unit.kind === 'symbol') return unit.text.trim()
  return unit.kind === 'currency' && typeof unit.code === 'string' ? unit.code : null
}

/** The cases that change the unit and leave the number. */
function unconverted({ full }: Proof): { at: number; from: string; to: string }[] {
  const from = nameOf(full.unit)
  return full.cases.flatMap(({ use }, at) => {
    const to = use.unit ? nameOf(use.unit) : null
    const isConverted = use.factor !== undefined && use.factor !== full.factor
    return from !== null && to !== null && from !== to && !isConverted ? [{ at, from, to }] : []
  })
}

/**
 * Protects readers from a case that changes the unit but not the number. Units by column are left
 * alone, whose cells are each recorded in their own.
 */
export const unitUnconverted: Check<{ from: string; to: string; label: string }> = {
  id: 'unit-unconverted',
  title: 'A unit is changed, its numbers are not',
  weight: 'error',
  finds: 'a case that changes the unit and leaves the factor as it was',
  find(proof) {
    const cases = unconverted(proof)
    if (cases.length === 0) return null
    const at = placesWhere(proof, ({ written }) => cases.some((one) => one.at === written.rule))
    const [{ from, to }] = cases as [(typeof cases)[number]]
    return {
      severity: 'error',
      params: { from, to, label: at.length === 0 ? '' : labelAt(proof, at[0]!) },
      at,
    }
  },
  message({ from, to, label }) {
    const seen = label === '' ? '' : `: “${label}” is still counted in ${from}`
    return `A case writes “${to}” in place of “${from}” and leaves the number as it is${seen}.`
  },
  *propose(proof) {
    const [found] = unconverted(proof)
    if (!found) return
    const changed = (use: (own: Style) => Style): Style => ({
      ...proof.style,
      cases: proof.full.cases.map((one, at) =>
        at === found.at ? { ...one, use: use(one.use) as typeof one.use } : one,
      ),
    })
    const power = powerOf(found.from, found.to)
    if (power !== null) {
      const factor = toText({ coefficient: 1n, exponent: power })
      yield fix(
        'convert',
        { from: found.from, factor, to: found.to },
        { way: 'unit', style: changed((use) => ({ ...use, factor })) },
      )
    }
    yield fix(
      'keep-unit',
      { unit: found.from },
      { way: 'cases', style: changed(({ unit: _, ...use }) => use) },
    )
  },
}
