import { DEFAULTS, type FullStyle, type Style } from './fields'

/**
 * Lays levels of style over one another: what is set on a later level replaces what stands
 * on an earlier one; marks are merged mark by mark.
 *
 * @param levels from the house style to the surface
 * @example inherit({ fraction: [0, 1] }, { notation: 'scaled' }) // both set, the rest by default
 */
export function inherit(...levels: readonly Style[]): FullStyle {
  let full: FullStyle = { ...DEFAULTS }
  for (const level of levels) {
    full = { ...full, ...level, marks: { ...full.marks, ...level.marks } }
  }
  return full
}
