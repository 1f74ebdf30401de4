import type { Surface } from '../../../core/surfaces'
import { lineOf } from '../../page/layout'
import { pagePicture } from '../../page/picture'
import type { PageValues } from '../../page/values'
import { fileStem } from '../../names'
import { madeBy, renewal } from '../provenance'
import { provedEqual } from '../prove'
import { textsOf } from '../tree'
import type { PageForm } from '../types'

/** The labels that a picture must say. */
function labelsOn(page: Readonly<PageValues>): string[] {
  const { tickLabels, markLabels, legendLabels, shown, panels, beside } = page
  const has = (surface: Surface, labels: readonly string[]) =>
    shown.includes(surface) ? labels : []
  return [
    ...panels.flatMap(({ hasAxis, drawing: { ticks }, firstTick }) =>
      hasAxis ? tickLabels.slice(firstTick, firstTick + ticks.values.length) : [],
    ),
    ...has(
      'marks',
      markLabels.map((_, at) => lineOf(beside, markLabels, at, 0)),
    ),
    ...has('legend', legendLabels),
  ].sort()
}

/** The chart drawn without a browser: read in again, it says each label of the page. */
const makePage: PageForm['makePage'] = (page, from, { title }) => {
  const of = { quantity: title, level: 'quantity' } as const
  const facts = { title, from: `${madeBy(from)} Again: ${renewal(from, 'svg', of)}` }
  const text = `${pagePicture(page, facts)}\n`
  const labels = labelsOn(page)
  const again = textsOf(text, 'text')
    .filter(({ attributes }) => attributes['data-surface'] !== undefined)
    .map((one) => one.text)
  return {
    files: [{ name: `${fileStem(title, 'chart')}.svg`, type: 'image/svg+xml', text }],
    proof: provedEqual('The picture was read in again', labels, labels, again.sort()),
    notes: [],
  }
}

/** The chart as a picture, as it stands on a page of the usual width. */
export const pictureForm: PageForm = {
  id: 'svg',
  title: 'the chart as a picture (SVG)',
  says: 'With its headline, sentence, legend and callout; its text stays text, with the number behind each label.',
  isOfLevel: false,
  makePage,
}
