import type { DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import { isFailure, studyFindings } from './findings'
import { reportFormats } from './formats'

const dataset: DatasetMeta = {
  id: 'd',
  name: 'D',
  rowCount: 3,
  notices: [],
  columns: [
    {
      position: 0,
      name: 'site',
      kind: 'text',
      reason: { code: 'text' },
      encoding: 'json',
      missing: 0,
      unread: [],
    },
    {
      position: 1,
      name: 'n',
      kind: 'number',
      reason: { code: 'text' },
      encoding: 'float64',
      missing: 0,
      unread: [],
    },
  ],
}
const cells: Record<string, (string | number)[]> = { site: ['a', 'b', 'c'], n: [1.2, 1.4, 3] }
const document = (left: StudyDocument['quantities'][number]['left'] = []): StudyDocument => ({
  version: 1,
  name: 'S',
  house: {},
  shown: 'q',
  page: { without: ['axis', 'headline', 'sentence', 'tooltip'] },
  quantities: [
    {
      id: 'q',
      datasetId: 'd',
      column: 'n',
      title: 'Nets',
      recorded: 0,
      style: { fraction: [0, 0] },
      chart: { category: 'site', aggregate: 'sum' },
      ticks: {},
      left,
    },
  ],
})
const found = (of = document()) =>
  studyFindings({
    document: of,
    datasets: [dataset],
    regions: {},
    cellsOf: (_, name) => cells[name]!,
  })

test('every surface on the page is reported, with numbers and what mends it', () => {
  const all = found()
  expect(
    all.map(
      ({ quantity, surface, check, severity }) => `${quantity} ${surface} ${check} ${severity}`,
    ),
  ).toEqual(['Nets marks misread error', 'Nets table misread error'])
  expect(all[0]).toMatchObject({
    at: [1, 2],
    fixes: ['Write 1 decimal'],
    message: expect.stringContaining('1.4 is written “1”') as string,
    also: [
      {
        check: 'same-label',
        severity: 'warning',
        at: [1, 2],
        message: expect.stringContaining('1.2 and 1.4') as string,
      },
    ],
  })
  expect(all.filter((one) => isFailure(one))).toHaveLength(2)
})

test('what was left carries its reason and fails nothing', () => {
  const all = found(document([{ surface: 'marks', check: 'misread', reason: 'rough is fine' }]))
  expect(
    all
      .filter(({ left }) => left === 'rough is fine')
      .map(({ surface, check }) => [surface, check]),
  ).toEqual([['marks', 'misread']])
  expect(all.filter((one) => isFailure(one)).map(({ surface }) => surface)).toEqual(['table'])
})

test('data that are not there are named', () => {
  expect(() =>
    studyFindings({ document: document(), datasets: [], regions: {}, cellsOf: () => [] }),
  ).toThrow('The data of “Nets” are missing.')
})

test('a text has a line for each and sums at its end', () => {
  const lines = reportFormats
    .text(found(document([{ surface: 'marks', check: 'misread', reason: 'x' }])))
    .trimEnd()
    .split('\n')
  expect(lines).toHaveLength(2)
  expect(lines[0]).toMatch(/ \[with it same-label\]$/)
  expect(lines.at(-1)).toBe('1 error, 0 warnings, 0 notes; 1 left with a reason')
  expect(reportFormats.text([])).toBe('0 errors, 0 warnings, 0 notes\n')
})

test('JSON and SARIF say the same findings', () => {
  const all = found()
  expect((JSON.parse(reportFormats.json(all)) as { findings: unknown[] }).findings).toEqual(
    JSON.parse(JSON.stringify(all)),
  )
  const { runs } = JSON.parse(reportFormats.sarif(all, 'dir/f.json')) as {
    runs: {
      results: { ruleId: string; ruleIndex: number }[]
      tool: { driver: { rules: { id: string }[] } }
    }[]
  }
  expect(runs[0]!.results.map(({ ruleId }) => ruleId)).toEqual(all.map(({ check }) => check))
  expect(
    runs[0]!.results.every(
      ({ ruleId, ruleIndex }) => runs[0]!.tool.driver.rules[ruleIndex]!.id === ruleId,
    ),
  ).toBe(true)
})
