import { pageIn, studyOf } from './testing/pages'
import { runPlacedAlone } from './check'
import type { ChartWishes } from '../study/chart'

const pageOf = (text: string, chart: Partial<ChartWishes> = {}) => {
  const study = studyOf(text)
  const own = study.document.quantities[0]!
  return pageIn(study, { ...own, surfaces: undefined, chart: { ...own.chart, ...chart } })
}
const missedOn = (page: ReturnType<typeof pageOf>) =>
  page.subjects.flatMap(({ surface, subject }) =>
    runPlacedAlone(subject).flatMap(({ check, message }) =>
      check === 'shares-not-100' ? [`${surface}: ${message}`] : [],
    ),
  )
const tableOf = (head: string, ...values: (number | string)[]) =>
  [`party,${head}`, ...values.map((value, at) => `p${at},${value}`)].join('\n')

test.each<[string, string, string | undefined]>([
  ['percent of a whole', tableOf('Share (%)', 33.3, 33.3, 33.4), 'shares'],
  ['percent that was rounded when it was recorded', tableOf('Share %', 33.3, 33.3, 33.3), 'shares'],
  ['parts of one', tableOf('share', 0.25, 0.25, 0.5), 'shares'],
  ['percent of several things', tableOf('Growth (%)', 33, 45, 12), 'ratio'],
  ['one ratio', tableOf('Share (%)', 100), 'ratio'],
  ['changes that happen to make a whole', tableOf('Growth (%)', 150, -50), 'ratio'],
  ['amounts that make one', tableOf('Tonnes', 0.5, 0.5), undefined],
])('%s', (_, text, kind) => {
  expect(pageOf(text).quantity.kind).toBe(kind)
})

test('three thirds in the table miss 100 %', () => {
  const page = pageOf(tableOf('Share (%)', '33.33', '33.33', '33.34'))
  expect(page['style.table'].unit.kind).toBe('percent')
  expect(missedOn(pageOf(tableOf('Share (%)', 33.3, 33.3, 33.3)))).toEqual([
    'table: The printed shares add up to 99.9, not “100%”, 0.1 apart.',
  ])
})

test('shares that marks print beside their numbers are added up too', () => {
  const thirds = tableOf('Tonnes', 7, 7, 7)
  expect(missedOn(pageOf(thirds, { form: 'ring', parts: ['name', 'share'] }))).toEqual([
    'marks: The printed shares add up to 99.9%, not “100%”, 0.1% apart.',
  ])
  expect(missedOn(pageOf(thirds, { form: 'bars', parts: ['value', 'share'] }))).toHaveLength(1)
  const thousands = tableOf('Catch (thousand t)', 7, 7, 7)
  expect(missedOn(pageOf(thousands, { parts: ['value', 'share'] }))).toHaveLength(1)
  expect(missedOn(pageOf(tableOf('Tonnes', 5, 5, 10), { parts: ['value', 'share'] }))).toEqual([])
  // Where only some marks have labels, nobody adds theirs up.
  expect(missedOn(pageOf(thirds, { parts: ['value', 'share'], few: true }))).toEqual([])
})
