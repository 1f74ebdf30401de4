import { fixKey } from '~~/core/checks/fixes'
import type { Layout } from '~~/core/checks/types'
import { difference } from '~~/core/style/inherit'
import { withOwn } from '~~/shared/quantities'
import type { ChartWishes } from '~~/shared/study/chart'
import { type Card, findingsOf, type Offer } from './cards'
import { levelNames } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.margin.fixes

/** What the chart is told where its labels are to stand otherwise. */
const layouts: Record<Layout, Partial<ChartWishes>> = {
  secondLine: { lines: 2 },
  smallerType: { small: true },
  turned: { turned: true, lines: undefined, inside: undefined },
  laidDown: { form: 'bars', lines: undefined, turned: undefined },
  fewerLabels: { few: true },
}

/**
 * What a click on a fix does to the study: each surface that it mends is mended by its own fix of
 * that kind.
 */
export function useFixes() {
  const study = useStudy()
  const levels = useLevels()

  function fix({ fix: change, surfaces }: Offer, card: Card) {
    const what = words.fixedOn({
      quantity: study.quantity?.title ?? '',
      fix: change.title,
      surfaces: surfaces.map((surface) => levelNames[surface]).join(', '),
      check: card.main.check,
    })
    const { document, quantity } = study
    if (!document || !quantity) return
    if (change.ticks)
      return study.setTicks(what, {
        ...quantity.ticks,
        ...(change.ticks.enclose ? { domain: undefined, ends: 'loose' as const } : {}),
        step: change.ticks.step,
        count: undefined,
        multipleOf: undefined,
      })
    if (change.aggregate)
      return study.setChart(what, { aggregate: change.aggregate, weight: change.weight })
    if (change.filter) {
      const { column, is } = change.filter
      return study.setFilter(what, { column, is: [...is] })
    }
    if (change.dropsTotal) return study.setTotal(what, undefined)
    if (change.layout) return study.setChart(what, layouts[change.layout])
    if (change.dropsLabels) return study.setTicks(what, { ...quantity.ticks, labels: undefined })
    const patches = surfaces.flatMap((surface) => {
      const own = findingsOf(card)
        .filter((one) => one.surface === surface)
        .flatMap(({ fixes }) => fixes)
        .find((one) => fixKey(one) === fixKey(change))
      return own ? [{ surface, patch: difference(levels.styleAt(surface), own.style) }] : []
    })
    const next = () =>
      patches.reduce(
        (now, { surface, patch }) =>
          withOwn(now, quantity.id, surface, (own) => ({ ...own, ...patch })),
        study.document!,
      )
    void study.withTables(
      patches.map(({ surface, patch }) => ({ ...levels.styleAt(surface), ...patch })),
      () => study.change(what, next()),
      words.styleUnchanged,
    )
  }
  return { fix }
}
