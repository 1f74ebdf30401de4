import type { RegionLabels, RegionWay } from '~~/core/compare/readings'
import { plainly } from '~~/core/decimal/plainly'
import type { Style } from '~~/core/style/fields'
import { languageName } from '~~/core/locale/languageName'

/** A region's labels in one of its ways, with what takes them. */
export interface RegionRow extends RegionLabels {
  readonly way: RegionWay
  readonly patch: Style
}
/** Whether two rows say the same. */
export const isAlike = (a: RegionLabels, b: RegionLabels): boolean =>
  a.locale === b.locale && a.labels.join('\n') === b.labels.join('\n')

/** Readers who take a label for the same number are told together. */
export function takenIn({
  taken,
  labels,
}: RegionLabels): { label: string; reads: string; readers: string }[] {
  const by = new Map<string, { label: string; reads: string; names: string[] }>()
  for (const { at, reads, reader } of taken) {
    const told = { label: labels[at]!, reads: plainly(reads), names: [] as string[] }
    const key = `${at} ${told.reads}`
    const found = by.get(key) ?? told
    found.names.push(languageName(reader))
    by.set(key, found)
  }
  return [...by.values()].map(({ names, ...one }) => ({ ...one, readers: names.join(', ') }))
}
