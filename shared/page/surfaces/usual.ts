import { NONE_ADJUSTED } from '../totals'
import type { PageSurface } from './types'

/** Where no label is written by hand. */
export const NONE_BY_HAND: ReadonlyMap<number, string> = new Map()

/** What most surfaces of a page have in common. */
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
