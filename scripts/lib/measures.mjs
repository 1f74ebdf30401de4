// What CLDR says of units of measurement, as the core's tables: how each is converted (Unicode
// Technical Standard 35, part 6, "Unit Conversion"), and how each region writes it (part 2,
// "Unit Elements").

const PLURALS = ['zero', 'one', 'two', 'few', 'many', 'other']
const DISPLAYS = ['short', 'narrow', 'long']

/** A decimal as a fraction of whole numbers. */
function fraction(text) {
  const [, whole, decimals = '', power = '0'] = /^(\d+)\.?(\d*)(?:E\+?(-?\d+))?$/i.exec(text)
  const shift = Number(power) - decimals.length
  const digits = BigInt(whole + decimals)
  return shift >= 0 ? [digits * 10n ** BigInt(shift), 1n] : [digits, 10n ** BigInt(-shift)]
}
const common = (a, b) => (b === 0n ? a : common(b, a % b))
function reduced([numerator, denominator]) {
  const by = common(numerator, denominator)
  return [numerator / by, denominator / by]
}
const times = (a, b) => reduced([a[0] * b[0], a[1] * b[1]])
const inverse = ([numerator, denominator]) => [denominator, numerator]

/**
 * The value of a factor such as "ft_to_m*66" or "1/360*60". What stands behind a slash, up to the
 * next one, is one product.
 */
function valueOf(text, constants) {
  const product = (part) =>
    part
      .split('*')
      .map((one) => one.trim())
      .map((one) => (constants[one] ? valueOf(constants[one]._value, constants) : fraction(one)))
      .reduce(times)
  const [first, ...below] = text.split('/').map(product)
  return below.reduce((value, by) => times(value, inverse(by)), first)
}
const asTexts = ([numerator, denominator]) => [String(numerator), String(denominator)]

/**
 * What measures are converted by: of each simple unit the base, the factor and, where it has one,
 * the offset that lead there; prefixes; and what quantities of a base are called.
 *
 * @param supplemental of `units.json`
 * @param names of the English table, whose keys begin with the kind of measure
 */
export function conversionsOf(
  { unitConstants, unitPrefixes, unitQuantities, convertUnits },
  names,
) {
  const units = Object.entries(convertUnits).map(
    ([id, { _baseUnit, _factor, _offset, _special }]) => [
      id,
      {
        base: _baseUnit,
        factor: asTexts(valueOf(_factor ?? '1', unitConstants)),
        ...(_offset ? { offset: asTexts(valueOf(_offset, unitConstants)) } : {}),
        ...(_special ? { special: true } : {}),
      },
    ],
  )
  const prefixes = Object.entries(unitPrefixes).map(([id, { _power10, _power2 }]) => [
    id,
    _power10 ? [10, Number(_power10)] : [2, Number(_power2)],
  ])
  const kinds = Object.keys(names)
    .filter((key) => names[key]['unitPattern-count-other'])
    .map((key) => [key.replace(/^[a-z]+-/, ''), key.split('-')[0]])
  return {
    units: Object.fromEntries(units),
    prefixes: Object.fromEntries(prefixes),
    quantities: Object.fromEntries(
      Object.entries(unitQuantities).map(([base, { _quantity }]) => [base, _quantity]),
    ),
    kinds: Object.fromEntries(kinds),
  }
}

/** Patterns by plural; one text where all are alike. */
function byPlural(entry, prefix) {
  const other = entry[`${prefix}-count-other`] ?? entry[prefix]
  if (other === undefined) return undefined
  const own = PLURALS.map((plural) => [plural, entry[`${prefix}-count-${plural}`]]).filter(
    ([plural, text]) => text !== undefined && plural !== 'other' && text !== other,
  )
  return own.length === 0 ? other : { ...Object.fromEntries(own), other }
}
const present = (entries) => Object.fromEntries(entries.filter(([, value]) => value !== undefined))

function displayOf(names) {
  const entries = Object.entries(names)
  const simple = entries.filter(([key]) => /^[a-z]+-/.test(key))
  const id = (key) => key.replace(/^[a-z]+-/, '')
  return {
    units: present(simple.map(([key, one]) => [id(key), byPlural(one, 'unitPattern')])),
    per: present(simple.map(([key, one]) => [id(key), one.perUnitPattern])),
    compound: names.per.compoundUnitPattern,
    times: names.times.compoundUnitPattern,
    powers: present(
      [2, 3].map((power) => [power, byPlural(names[`power${power}`], 'compoundUnitPattern1')]),
    ),
    prefixes: present(
      entries
        .filter(([key]) => /^10(24)?p/.test(key))
        .map(([key, one]) => [key, one.unitPrefixPattern]),
    ),
  }
}

/** How a region writes measures, display by display. */
export const measureNames = (units) =>
  Object.fromEntries(DISPLAYS.map((display) => [display, displayOf(units[display])]))
