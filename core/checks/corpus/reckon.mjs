// What is wrong with numbers that are read as others, reckoned on whole numbers alone, apart from
// the
// core.

/** Decimal text of a whole number of 10^-places. */
export function text(units, places) {
  const digits = String(Math.abs(units)).padStart(places + 1, '0')
  const cut = digits.length - places
  return (units < 0 ? '-' : '') + digits.slice(0, cut) + (places > 0 ? `.${digits.slice(cut)}` : '')
}
/** Whole numbers rounded to a whole unit, halves away from zero. */
export const rounded = (value, unit) =>
  Math.sign(value) * Math.floor((2 * Math.abs(value) + unit) / (2 * unit)) * unit
export const isUneven = (list) =>
  list.slice(2).some((value, at) => value - list[at + 1] !== list[1] - list[0])
export const repeats = (said, values) =>
  values.some((value, at) =>
    values.some((other, i) => i > at && other !== value && said[i] === said[at]),
  )

/**
 * What is wrong with numbers that are read as others: in whole units, on a surface. Where rounding
 * so far is usual, only numbers that read as others do are misread.
 */
export function readingErrors(values, said, surface, { step, isUsual = false } = {}) {
  const isAlone = (at) => values.every((other, i) => other === values[at] || said[i] !== said[at])
  const found = new Set()
  if (repeats(said, values)) found.add('same-label')
  values.forEach((value, at) => {
    if (value !== 0 && said[at] === 0) found.add('vanished')
    const isOff = value !== 0 && Math.abs(value - said[at]) * 20 > (step ?? Math.abs(value))
    if (isOff && !(isUsual && isAlone(at))) found.add('misread')
  })
  const order = values.map((_, at) => at).sort((a, b) => values[a] - values[b])
  if (
    order.some((at, i) =>
      order.slice(i + 1).some((later) => values[later] > values[at] && said[later] < said[at]),
    )
  )
    found.add('order-reversed')
  if (surface === 'axis') {
    if (values.some((value, at) => value !== said[at])) found.add('step-hidden')
    if (values.length > 2 && !isUneven(values) && isUneven(said)) found.add('uneven-steps')
  }
  return [...found]
}
