import { NONE_ADJUSTED } from '../totals'
import type { PageSurface } from './types'

/** No label was typed by hand. */
export const NONE_BY_HAND: ReadonlyMap<number, string> = new Map()

/** What most surfaces of a page share. */
export const USUAL = {
  numberAt: (_, numbers, at) => numbers[at],
  nameAt: () => null,
  marks: null,
  ticks: () => null,
  byHand: () => NONE_BY_HAND,
  adjusted: () => NONE_ADJUSTED,
  leadsTo: 'whole',
  isAtLeft: false,
} as const satisfies Partial<PageSurface>
