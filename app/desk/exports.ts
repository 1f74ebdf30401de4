import { decimal, toText } from '~~/core/decimal/decimal'
import { fileStem, studyFileName } from '~~/shared/names'
import type { Level } from '~~/shared/quantities'
import { type Export, type ExportKind, type StudyFile, studyFileSchema } from '~~/shared/study'
import type { Page } from '~/composables/page'
import { wordsOf } from '~/desk/flat'
import { type LabelFacts, pictureOf, saidIn } from '~/desk/svg'
import { request } from '~/composables/request'

/** What is taken away: files that the server makes and proves, the picture that the page shows, or the study. */
export type Taken = ExportKind | 'svg' | 'study'
export type Made = Omit<Export, 'kind'>

export const takenAs: readonly {
  readonly id: Taken
  readonly title: string
  readonly says: string
  readonly isOfLevel: boolean
}[] = [
  {
    id: 'module',
    title: 'a module for JavaScript',
    says: 'One file without dependencies: label(value) writes these labels in any chart and leaves numbers numbers; spoken(value) says them; an axis brings its ticks.',
    isOfLevel: true,
  },
  {
    id: 'style',
    title: 'the style as data',
    says: 'The decision as JSON, with the schema of what a style takes.',
    isOfLevel: true,
  },
  {
    id: 'options',
    title: 'options of the platform’s number format',
    says: 'For Intl.NumberFormat (ECMA-402), as far as its options can say the style.',
    isOfLevel: true,
  },
  {
    id: 'csv',
    title: 'a table of values and labels (CSV)',
    says: 'Each value with all its digits, its label, and what that reads back as.',
    isOfLevel: true,
  },
  {
    id: 'html',
    title: 'a table for a web page (HTML)',
    says: 'Each cell keeps its number for programs and says its label in words.',
    isOfLevel: true,
  },
  {
    id: 'svg',
    title: 'the chart as a picture (SVG)',
    says: 'As it stands on the page, with its legend and callouts; its text stays text, with the number behind each label.',
    isOfLevel: false,
  },
  {
    id: 'study',
    title: 'the whole study as one file',
    says: 'All decisions and data. “ivory-abacus check” reports its findings in continuous integration, as text, JSON or SARIF.',
    isOfLevel: false,
  },
]

/** Parts of the page, by a selector. */
const onPage = <Part extends Element>(selector: string): Part[] => [
  ...document.querySelectorAll<Part>(`[data-page-body] ${selector}`),
]
/** Charts of the page; none on a screen without one. */
export const chartsOnPage = (): SVGSVGElement[] => onPage('svg.chart')
/** Lines are broken otherwise in a picture. */
const unbroken = (text: string) => text.replace(/\s/g, '')

/** The chart as a picture: read in again, each label must be the one on the page. */
async function makePicture(page: Page, title: string): Promise<Made> {
  const charts = chartsOnPage()
  const words = onPage('[data-picture=words]')
  const facts = (surface: string, at: number): LabelFacts | null => {
    const value =
      surface === 'axis'
        ? page.tickValues.value[at]
        : surface === 'marks'
          ? page.markValues.value[at]
          : undefined
    const say = surface === 'marks' ? page.words.marks.value : null
    return value === undefined
      ? null
      : { value: toText(decimal(value)), spoken: say?.(value, page.markRows.value?.[at]) ?? null }
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
  if (!isSame || !areSame)
    throw new Error('The picture does not say what the page says; nothing was exported.')
  return {
    files: [{ name: `${fileStem(title, 'chart')}.svg`, type: 'image/svg+xml', text }],
    proof: {
      how: 'The picture was read in again',
      values: again.labels.length,
      equal: again.labels.length,
      differs: [],
    },
    notes: [],
  }
}

async function makeStudy(id: string, name: string): Promise<Made> {
  const text = JSON.stringify(await request<StudyFile>(`/api/studies/${id}/file`))
  const { datasets } = studyFileSchema.parse(JSON.parse(text))
  const values = datasets.reduce(
    (count, { rowCount, columns }) => count + rowCount * columns.length,
    0,
  )
  return {
    files: [{ name: studyFileName(name), type: 'application/json', text }],
    proof: { how: 'The file was read in again', values, equal: values, differs: [] },
    notes: [],
  }
}

export interface Taking {
  readonly study: { readonly id: string; readonly name: string }
  readonly quantity: { readonly id: string; readonly title: string }
  readonly level: Level
}
/** @throws Error saying why nothing is given out */
export function take(as: Taken, { study, quantity, level }: Taking, page: Page): Promise<Made> {
  if (as === 'svg') return makePicture(page, quantity.title)
  if (as === 'study') return makeStudy(study.id, study.name)
  return request<Export>(
    `/api/studies/${study.id}/export?quantity=${encodeURIComponent(quantity.id)}&as=${as}${level === 'quantity' ? '' : `&surface=${level}`}`,
  )
}
