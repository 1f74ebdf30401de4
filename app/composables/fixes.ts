import type { Change } from '~~/core/checks/types'
import { difference } from '~~/core/style/inherit'
import type { PlacedFinding } from '~/desk/cards'
import { useStudy } from '~/stores/study'

/** What a click on a fix does to the study. */
export function useFixes() {
  const study = useStudy()
  function fix(change: Change, finding: PlacedFinding) {
    const what = `${study.quantity?.title}: ${change.title}, since ${finding.check} on the ${finding.surface}`
    const ticks = study.quantity?.ticks
    if (change.ticks) study.setTicks(what, { ...ticks, step: change.ticks.step, count: undefined, multipleOf: undefined })
    else if (change.dropsLabels) study.setTicks(what, { ...ticks, labels: undefined })
    else void study.setStyle(what, difference(study.style, change.style))
  }
  return { fix }
}
