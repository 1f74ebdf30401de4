import { type Decimal, parseDecimal } from '../decimal/decimal'

/** How a region marks its numbers, as far as reading one goes. */
export interface NumeralMarks {
  readonly decimal: string
  readonly group: string
}

const BLANKS = /[\s\u00a0\u202f\u2009]/g
const APOSTROPHES = /[’']/g
/** Blanks and apostrophes part groups everywhere; points and commas only where a region says so. */
const GROUPS_EVERYWHERE = [' ', '’']
const DIGITS = /\d+/g
const normal = (text: string): string => text.replace(BLANKS, ' ').replace(APOSTROPHES, '’')

/** Groups of three, or of two with three at the end; the first may be shorter. */
function areGroups(runs: readonly string[]): boolean {
  const [head = '', ...rest] = runs
  const last = rest.at(-1)
  if (head.length === 0 || head.length > 3 || last?.length !== 3) return false
  const sizes = new Set(rest.slice(0, -1).map((run) => run.length))
  return (
    sizes.size === 0 || (sizes.size === 1 && (sizes.has(3) || (sizes.has(2) && head.length <= 2)))
  )
}

interface Shape {
  readonly runs: readonly string[]
  readonly marks: readonly string[]
}
const whole = ({ runs }: Shape): string => runs.join('')
const withDecimals = ({ runs }: Shape): string => `${runs.slice(0, -1).join('')}.${runs.at(-1)}`

/**
 * Whether the last mark can be a decimal mark: it stands once, and those before it part groups by
 * another.
 */
function canEndInDecimals({ runs, marks }: Shape): boolean {
  const [last, ...before] = [...marks].reverse()
  return (
    last !== undefined &&
    !before.includes(last) &&
    new Set(before).size <= 1 &&
    (before.length === 0 || areGroups(runs.slice(0, -1)))
  )
}
const canBeGroups = ({ runs, marks }: Shape): boolean =>
  new Set(marks).size === 1 && areGroups(runs)

/**
 * The numbers that somebody reads in digits with marks, the region's way first: where the marks are
 * not the region's, every way that makes sense.
 *
 * @param text digits of 0 to 9 with marks between them
 * @example readNumeral('1.234', { decimal: ',', group: '.' }) // [1234]
 * @example readNumeral('1,234', { decimal: '.', group: '’' }) // [1.234, 1234]
 */
export function readNumeral(text: string, region: NumeralMarks): Decimal[] {
  const plain = normal(text)
  const shape: Shape = { runs: plain.match(DIGITS) ?? [], marks: plain.split(DIGITS).slice(1, -1) }
  const [decimal, group] = [normal(region.decimal), normal(region.group)]
  const isGroup = (mark: string) => mark === group || GROUPS_EVERYWHERE.includes(mark)
  const isRegional = shape.marks.slice(0, -1).every(isGroup)
  const read = (texts: readonly string[]) => texts.flatMap((one) => parseDecimal(one) ?? [])
  if (shape.marks.length === 0) return read([whole(shape)])
  if (isRegional && shape.marks.at(-1) === decimal && canEndInDecimals(shape))
    return read([withDecimals(shape)])
  if (isRegional && isGroup(shape.marks.at(-1)!) && canBeGroups(shape)) return read([whole(shape)])
  return read([
    ...(canEndInDecimals(shape) ? [withDecimals(shape)] : []),
    ...(canBeGroups(shape) ? [whole(shape)] : []),
  ])
}
