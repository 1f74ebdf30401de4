import { StyleError } from '../error'
import digitSystems from './generated/digits.json'
import type { LocaleTable, SystemTable } from './types'

const LATIN = 'latn'
const EXTENSION = /-u-(?:[a-z0-9-]*-)?nu-([a-z]+)/i

/** A language tag without its extensions, as the tables are named. */
export const tableName = (tag: string): string => tag.split('-u-')[0]!

/**
 * Whether a tag names English, whose words the ladders carry themselves.
 *
 * @example isEnglish('en-GB') // true
 */
export const isEnglish = (tag: string): boolean => /^en\b/.test(tag)

export interface ChosenSystem {
  readonly system: SystemTable
  /** Its ten digits, from zero. */
  readonly digits: readonly string[]
}

/**
 * The numbering system that a tag asks for, or the region's own.
 *
 * @throws StyleError for one that CLDR does not know
 * @example chooseSystem('ar-EG-u-nu-latn', table).digits[0] // '0'
 */
export function chooseSystem(tag: string, table: LocaleTable): ChosenSystem {
  const asked = EXTENSION.exec(tag)?.[1]?.toLowerCase() ?? table.system
  const digits = (digitSystems as Record<string, string>)[asked]
  if (digits === undefined)
    throw new StyleError(
      'locale',
      tag,
      `-u-nu- takes a decimal numbering system such as ${Object.keys(digitSystems).slice(0, 6).join(', ')}`,
    )
  const latin = table.systems[LATIN] ?? table.systems[table.system]!
  return { system: table.systems[asked] ?? inRoot(asked, latin), digits: [...digits] }
}

/** Marks that numbering systems have in every region that does not say otherwise (CLDR, root). */
const ROOT_MARKS: Readonly<
  Record<string, Pick<SystemTable, 'marks' | 'percent' | 'permille'> & { percentPattern?: string }>
> = {
  arab: {
    marks: { decimal: '٫', group: '٬', minus: '\u061c-', plus: '\u061c+' },
    percent: '٪\u061c',
    percentPattern: '#,##0%',
    permille: '؉',
  },
  arabext: {
    marks: { decimal: '٫', group: '٬', minus: '\u200e-\u200e', plus: '\u200e+\u200e' },
    percent: '٪',
    permille: '؉',
  },
}
/** A region's Latin system with the marks of another one, where that has its own. */
function inRoot(system: string, latin: SystemTable): SystemTable {
  const own = ROOT_MARKS[system]
  if (!own) return latin
  const { percentPattern, ...marks } = own
  const { decimal, group } = marks.marks
  const patterns = { ...latin.patterns, ...(percentPattern ? { percent: percentPattern } : {}) }
  return { ...latin, ...marks, patterns, moneyMarks: { decimal, group } }
}

/**
 * The table of a tag, or of the nearest of its parents that there is one for.
 * @returns undefined where there is none
 */
export function nearestName(
  tag: string,
  names: { has(name: string): boolean },
): string | undefined {
  const parts = tableName(tag).split('-')
  for (let length = parts.length; length > 0; length--) {
    const name = parts.slice(0, length).join('-')
    if (names.has(name)) return name
  }
  return undefined
}
