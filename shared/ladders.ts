import { asLadder, type OwnLadder, readsAsNumber } from '../core/ladders/own'
import { ladders } from '../core/ladders'
import { ladderOf, REGIONAL } from '../core/ladders/find'
import type { Ladder, LadderRung } from '../core/ladders/types'
import type { Style } from '../core/style/fields'
import type { StudyDocument } from './study/document'

/** A ladder that a study keeps, by its title. */
export type StudyLadder = OwnLadder & { title: string }

/** A style with a change made in it and in each of its cases. */
function throughCases(style: Style, change: (one: Style) => Style): Style {
  const next = change(style)
  return next.cases
    ? {
        ...next,
        cases: next.cases.map((one) => ({ ...one, use: change(one.use) as typeof one.use })),
      }
    : next
}
const mapValues = <Key extends string>(
  styles: Partial<Record<Key, Style>> | undefined,
  change: (style: Style) => Style,
) =>
  styles &&
  (Object.fromEntries(
    Object.entries<Style | undefined>(styles).map(([key, one]) => [key, one && change(one)]),
  ) as Partial<Record<Key, Style>>)

/** A document with every style in it changed, wherever it is set. */
export function mapStyles(document: StudyDocument, by: (style: Style) => Style): StudyDocument {
  const change = (style: Style) => throughCases(style, by)
  return {
    ...document,
    house: change(document.house),
    ...(document.linked
      ? { linked: document.linked.map((one) => ({ ...one, style: change(one.style) })) }
      : {}),
    quantities: document.quantities.map((one) => ({
      ...one,
      style: change(one.style),
      ...(one.surfaces ? { surfaces: mapValues(one.surfaces, change) } : {}),
      ...(one.chart.partStyles
        ? { chart: { ...one.chart, partStyles: mapValues(one.chart.partStyles, change) } }
        : {}),
      ...(one.compared
        ? {
            compared: {
              ...one.compared,
              styles: one.compared.styles.map((own) => ({ ...own, style: change(own.style) })),
            },
          }
        : {}),
    })),
  }
}

const isOn =
  (title: string) =>
  ({ ladder }: Style): boolean =>
    typeof ladder === 'object' && ladder.title === title

/**
 * Where styles with a ladder of the study are set: the house style, or quantities by their titles.
 */
export function usersOf(
  document: StudyDocument,
  title: string,
  holds: (style: Style) => boolean = () => true,
): string[] {
  const uses = isOn(title)
  const isUser = (part: Partial<StudyDocument>) => {
    let found = false
    mapStyles({ ...document, house: {}, quantities: [], ...part }, (style) => {
      found ||= uses(style) && holds(style)
      return style
    })
    return found
  }
  return [
    ...(isUser({ house: document.house }) ? ['the house style'] : []),
    ...document.quantities.filter((one) => isUser({ quantities: [one] })).map((one) => one.title),
  ]
}
/** Where a rung of it is fixed, which would be lost with the rung. */
export const fixedOn = (document: StudyDocument, title: string, power: number): string[] =>
  usersOf(document, title, ({ rung }) => rung === power)

/** A title that no ladder of a study has yet. */
export function freeTitle(
  { ladders: own = [] }: Pick<StudyDocument, 'ladders'>,
  wish: string,
): string {
  const taken = new Set(own.map(({ title }) => title))
  for (let count = 1; ; count++) {
    const title = count === 1 ? wish : `${wish} ${count}`
    if (!taken.has(title)) return title
  }
}

/**
 * A copy of a ladder to edit, as far up as a study keeps one. Prefixes such as E for exa stand
 * apart from the number; here a word takes their place.
 */
export const copyOf = (
  { base, rungs }: Pick<Ladder, 'base' | 'rungs'>,
  title: string,
): StudyLadder => ({
  title,
  ...(base === 10 ? {} : { base }),
  rungs: rungs.slice(0, 200).map(({ power, symbol, word }) => ({
    power,
    symbol: readsAsNumber(symbol) ? word : symbol,
    word,
  })),
})

const addLadder = (document: StudyDocument, ladder: StudyLadder): StudyDocument => ({
  ...document,
  ladders: [...(document.ladders ?? []), ladder],
})

/**
 * A document in which a ladder is another, and with it every style that uses it; rungs that are
 * gone fix no label any more.
 */
function replaceLadder(document: StudyDocument, title: string, next: StudyLadder): StudyDocument {
  const uses = isOn(title)
  const powers = new Set(next.rungs.map(({ power }) => power))
  const styled = mapStyles(document, (style) =>
    uses(style)
      ? {
          ...style,
          ladder: next,
          ...(typeof style.rung === 'number' && style.rung !== 0 && !powers.has(style.rung)
            ? { rung: 'each' as const }
            : {}),
        }
      : style,
  )
  return { ...styled, ladders: document.ladders?.map((one) => (one.title === title ? next : one)) }
}

/** A document without a ladder; styles that used it have the one that they inherit. */
function removeLadder(document: StudyDocument, title: string): StudyDocument {
  const uses = isOn(title)
  const rest = document.ladders?.filter((one) => one.title !== title)
  const styled = mapStyles(document, (style) => {
    if (!uses(style)) return style
    const { ladder: _, rung, ...others } = style
    if (rung === undefined) return others
    return { ...others, rung: typeof rung === 'number' ? 'each' : rung }
  })
  return { ...styled, ladders: rest && rest.length > 0 ? rest : undefined }
}

/** Changes of a study's ladders. */
export const ladderChanges = {
  add: addLadder,
  replace: replaceLadder,
  remove: removeLadder,
} as const

/** A ladder as it is drawn. */
export interface DrawnLadder extends Pick<Ladder, 'title' | 'base' | 'rungs'> {
  /** Its own title is what a study's ladder is known by; others by their id. */
  readonly id: string
  readonly isOwn: boolean
}
/**
 * Every ladder that a study can use: its own first, that of its region last.
 *
 * @param regional the rungs of a region; none where it names no powers
 */
export const laddersOf = (
  { ladders: own = [] }: Pick<StudyDocument, 'ladders'>,
  regional: readonly LadderRung[] = [],
): DrawnLadder[] => [
  ...own.map((one) => ({ ...asLadder(one), title: one.title, id: one.title, isOwn: true })),
  ...Object.values<Ladder>(ladders).map((one) => ({ ...one, isOwn: false })),
  ...(regional.length > 0 ? [{ ...ladderOf(REGIONAL), rungs: regional, isOwn: false }] : []),
]
