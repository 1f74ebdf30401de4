// What columns of the made-up tables are like: their true values, how people write them, and what a
// reader must make of them. A value is decimal text, or null where it is missing.

let state = 0
/** Starts the numbers of a table anew, so that each is the same however many came before. */
export const seed = (from) => {
  state = (Math.imul(from, 2654435761) ^ 0x9e3779b9) >>> 0
  for (let round = 0; round < 8; round++) random()
}
export function random() {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0
  return state / 2 ** 32
}
export const between = (from, to) => from + random() * (to - from)
export const pick = (list) => list[Math.floor(random() * list.length)]
const fixed = (value, decimals) => value.toFixed(decimals)
/** Log-uniform, as amounts of people's tables are. */
const spread = (from, to) => 10 ** between(Math.log10(from), Math.log10(to))

/** Columns of names. */
export const names = (name, list) => ({
  name,
  role: 'text',
  make: (row) => list[row % list.length],
})
export const years = (name, from) => ({ name, role: 'year', make: (row) => String(from + row) })
export const dates = (name, from = Date.UTC(2023, 0, 2)) => ({
  name,
  role: 'date',
  make: (row) => new Date(from + row * 7 * 864e5).toISOString().slice(0, 10),
})
export const codes = (name, make) => ({ name, role: 'code', make })

/** Columns of numbers: log-uniform, with so many decimals. */
export const amounts = (name, from, to, { decimals = 0, ...more } = {}) => ({
  name,
  role: 'number',
  make: () => fixed(spread(from, to), decimals),
  ...more,
})
export const evenly = (name, from, to, { decimals = 0, ...more } = {}) => ({
  name,
  role: 'number',
  make: () => fixed(between(from, to), decimals),
  ...more,
})
/** Shares, as percent figures with a sign; their values are a hundredth. */
export const percents = (name, from, to, decimals = 1) => ({
  name,
  role: 'ratio',
  power: -2,
  make: () => fixed(between(from, to), decimals),
  unit: '%',
})

const SHORT = [
  [9, 'B'],
  [6, 'M'],
  [3, 'K'],
]
/** Ways of writing a number, by what surrounds its digits. */
export const written = {
  plain: (digits) => digits,
  /** With a rung: three digits of it are kept, and are its value. */
  rungs(digits) {
    const size = Math.abs(Number(digits))
    const [power, symbol] = SHORT.find(([own]) => size >= 10 ** own) ?? [0, '']
    return `${Number((Number(digits) / 10 ** power).toPrecision(3))}${symbol}`
  },
  accounts: (digits) => (digits.startsWith('-') ? `(${digits.slice(1)})` : digits),
  minus: (digits) => digits.replace('-', '\u2212'),
  percent: (digits) => `${digits}%`,
  euro: (digits) => `€ ${digits}`,
  dollars: (digits) => `$${digits}`,
  kilograms: (digits) => `${digits} kg`,
  footnote: (digits, row) => (row % 7 === 3 ? `${digits}*` : digits),
}

/** Marks of a region: groups are parted from a thousand on. */
export const marks = {
  bare: { decimal: '.', group: '' },
  english: { decimal: '.', group: ',' },
  german: { decimal: ',', group: '.' },
  french: { decimal: ',', group: '\u00a0' },
  swiss: { decimal: '.', group: '’' },
}
export function marked(digits, { decimal, group }) {
  const [whole, fraction] = digits.replace('-', '').split('.')
  const parted = group ? whole.replace(/\B(?=(\d{3})+(?!\d))/g, group) : whole
  const sign = digits.startsWith('-') ? '-' : ''
  return `${sign}${parted}${fraction === undefined ? '' : decimal + fraction}`
}
