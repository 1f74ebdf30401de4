import { surfaces, surfacesWhere } from '~~/core/surfaces'
import { toExactText, toText } from '~~/core/decimal/decimal'
import type { Export } from '~~/shared/exports/export'
import { fileStem } from '~~/shared/names'
import type { Page } from '~/features/page/usePage'
import { type LabelFacts, pictureOf, saidIn } from './picture'
import { wordsOf } from './pictureText'
import type { TakenForm, Taking } from './types'
import { words as catalogue } from '~~/words'

const texts = catalogue.exporting.picture

/** Parts of the page, by a selector. */
const onPage = <Part extends Element>(selector: string): Part[] => [
  ...document.querySelectorAll<Part>(`[data-page-body] ${selector}`),
]
/** Charts of the page; none on a screen without one. */
export const chartsOnPage = (): SVGSVGElement[] => onPage('svg.chart')
/** Lines are broken otherwise in a picture. */
const unbroken = (text: string) => text.replace(/\s/g, '')

/** The surfaces whose labels have their values behind them in a picture. */
const VALUED = surfacesWhere(({ isInChart }) => isInChart)

/** The chart as a picture: read in again, each label must be the one on the page. */
async function make({ quantity: { title } }: Taking, page: Page): Promise<Export> {
  const charts = chartsOnPage()
  const words = onPage('[data-picture=words]')
  const facts = (surface: string, at: number): LabelFacts | null => {
    const valued = VALUED.find((one) => one === surface)
    const value = valued && page.numbersOf(valued)[at]
    if (!value) return null
    const say = valued && surfaces[valued].isAtMarks ? page.spoken.marks.value : null
    const spoken = say?.(toExactText(value), page.markRows.value?.[at]) ?? null
    return { value: toText(value), spoken }
  }
  const text = await pictureOf(
    [...charts, ...onPage<SVGSVGElement>('svg[data-picture=line]')],
    words,
    title,
    facts,
  )
  const shown = charts
    .flatMap((chart) => [...chart.querySelectorAll('[data-surface][data-at]')])
    .map((one) => one.textContent ?? '')
  const again = saidIn(text)
  const isSame =
    again.labels.length === shown.length &&
    again.labels.every(({ label }, at) => label === shown[at])
  const areSame =
    again.words.length === words.length &&
    again.words.every((said, at) => unbroken(said) === unbroken(wordsOf(words[at]!)))
  if (!isSame || !areSame) throw new Error(texts.differs)
  return {
    files: [{ name: `${fileStem(title, 'chart')}.svg`, type: 'image/svg+xml', text }],
    proof: {
      how: texts.verified,
      values: again.labels.length,
      equal: again.labels.length,
      differs: [],
    },
    notes: [],
  }
}

/** The chart as a picture, on a screen that shows it. */
export const pictureForm: TakenForm = {
  id: 'svg',
  title: texts.title,
  says: texts.help,
  isOfLevel: false,
  isOffered: () => chartsOnPage().length > 0,
  make,
}
