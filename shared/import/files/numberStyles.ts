import type { Style } from '../../../core/style/fields'
import { MOST_DIGITS } from '../../../core/style/schemas'

type Attributes = Readonly<Record<string, string>>

/** A number style while it is read: what it sets, and the texts around its number. */
interface Reading {
  readonly name: string
  style: Style
  /** The power of ten that its numbers are divided by to be shown. */
  power: number
  before: string
  after: string
  isBehind: boolean
}

const STYLES = new Set(['number:number-style', 'number:percentage-style', 'number:currency-style'])
/** What is written behind a number that is shown in thousands, millions or billions. */
const RUNGS: Readonly<Record<number, string>> = { 3: 'K', 6: 'M', 9: 'B', 12: 'T' }

const count = (text: string | undefined): number | undefined => {
  const found = /^\d{1,3}$/.test(text ?? '') ? Number(text) : undefined
  return found !== undefined && found <= MOST_DIGITS ? found : undefined
}
/** Decimals as they are written: all of them, or those that are not zero. */
function decimalsOf(attributes: Attributes): Style {
  const most = count(attributes['number:decimal-places'])
  if (most === undefined) return {}
  const least =
    count(attributes['number:min-decimal-places'] ?? attributes['loext:min-decimal-places']) ?? most
  return { fraction: [Math.min(least, most), most] }
}
/** The power of ten of a display factor; 0 where it is none of a thousand's. */
function powerOf(factor: string | undefined): number {
  const zeros = /^1(0*)(?:\.0+)?$/.exec(factor ?? '')?.[1]?.length ?? 0
  return zeros % 3 === 0 && zeros <= 12 ? zeros : 0
}

const numbers: Readonly<Record<string, (attributes: Attributes) => Style>> = {
  'number:number': (attributes) => ({
    ...decimalsOf(attributes),
    grouping: attributes['number:grouping'] === 'true' ? 'always' : 'never',
  }),
  'number:scientific-number': (attributes) => ({
    notation: 'scientific',
    exponentForm: 'E',
    ...decimalsOf(attributes),
  }),
}

const STEPPED = { notation: 'scaled', ladder: 'short' } as const
const BRACKETED = { sign: 'parentheses' } as const
/** Another style that a cell's style gives to some numbers. */
interface Branch {
  readonly condition: string
  readonly cell: string
}
const CONDITION = /^cell-content\(\)(>=|<=|<)(-?\d+(?:\.\d+)?)$/
/** What a size that rounds up to a rung is of it, at least. */
const NEARLY = 0.9

/** Whether numbers from a rung on are those that a condition takes. */
function isFromRung(condition: string, rung: number): boolean {
  const [, order, from] = CONDITION.exec(condition) ?? []
  const part = Number(from) / 10 ** rung
  return order === '>=' && part > NEARLY && part <= 1
}

/** A number style as a style; undefined where it says what no style can. */
function styleFrom({ style, power, before, after }: Reading): Style | undefined {
  if (Object.keys(style).length === 0) return undefined
  if (power === 0) return style
  const isRung = after.trim() === RUNGS[power] && before.trim() === ''
  return isRung ? { ...style, notation: 'scaled', ladder: 'short', rung: power } : undefined
}

/**
 * The number styles of a spreadsheet (ISO/IEC 26300-3, 16.29), as far as styles can say them:
 * decimals, grouping, powers of ten, and thousands that are said by a letter. Units and percent are
 * told by the cells' own types.
 *
 * @returns what takes the elements as they come, and gives the style of a cell's style
 */
export function numberStyles() {
  const found = new Map<string, Style>()
  const bracketed = new Set<string>()
  /** Which number style a cell's style has, and what it gives to some numbers. */
  const links = new Map<string, string>()
  const branches = new Map<string, Branch[]>()
  let cell = ''
  let reading: Reading | null = null
  let isText = false
  const styleBy = (name: string) => found.get(links.get(name) ?? '')
  return {
    open(name: string, attributes: Attributes) {
      const [own, data] = [attributes['style:name'], attributes['style:data-style-name']]
      const [condition, applied] = [
        attributes['style:condition'],
        attributes['style:apply-style-name'],
      ]
      if (name === 'style:style') cell = own ?? ''
      if (name === 'style:style' && own && data) links.set(own, data)
      else if (name === 'style:map' && !reading && condition && applied)
        branches.set(cell, [...(branches.get(cell) ?? []), { condition, cell: applied }])
      else if (STYLES.has(name) && own)
        reading = { name: own, style: {}, power: 0, before: '', after: '', isBehind: false }
      else if (reading && numbers[name]) {
        reading.style = numbers[name](attributes)
        reading.power = powerOf(attributes['number:display-factor'])
        reading.isBehind = true
      } else isText = name === 'number:text'
    },
    text(text: string) {
      if (!reading || !isText) return
      if (reading.isBehind) reading.after += text
      else reading.before += text
    },
    close(name: string) {
      if (name === 'number:text') isText = false
      if (!reading || !STYLES.has(name)) return
      const style = styleFrom(reading)
      if (style) found.set(reading.name, style)
      if (reading.before.includes('(') && reading.after.includes(')')) bracketed.add(reading.name)
      reading = null
    },
    styleOf(cell: string): Style | undefined {
      const own = styleBy(cell)
      const all = branches.get(cell) ?? []
      const isStepped = all.some((branch) => {
        const style = styleBy(branch.cell)
        return typeof style?.rung === 'number' && isFromRung(branch.condition, style.rung)
      })
      const isBracketed = all.some(
        (branch) => bracketed.has(links.get(branch.cell) ?? '') && branch.condition.includes('()<'),
      )
      return own && { ...own, ...(isStepped ? STEPPED : {}), ...(isBracketed ? BRACKETED : {}) }
    },
  }
}
