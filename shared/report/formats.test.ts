import type { StudyFinding } from './findings'
import { reportFormats } from './formats'

const found = (more: Partial<StudyFinding>): StudyFinding => ({
  quantity: 'Harvest',
  surface: 'axis',
  check: 'same-label',
  severity: 'error',
  message: '1 and 2 both read “0”.',
  params: {},
  at: [0, 1],
  fixes: [],
  ...more,
})
const FINDINGS = [
  found({ fixes: ['Write 1 decimal', 'Use one rung'] }),
  found({ surface: 'table', severity: 'warning' }),
  found({ severity: 'note', left: 'A draft' }),
]

test('text says each finding that stands in a line, with what mends it, and counts them', () => {
  expect(reportFormats.text(FINDINGS)).toBe(
    `Harvest, axis: error same-label: 1 and 2 both read “0”. (Write 1 decimal; or: Use one rung)
Harvest, table: warning same-label: 1 and 2 both read “0”.
1 error, 1 warning, 0 notes; 1 left with a reason
`,
  )
  expect(reportFormats.text([])).toBe('0 errors, 0 warnings, 0 notes\n')
})

test('SARIF says what mends a finding where something does, and why one was left where it was', () => {
  const { runs } = JSON.parse(reportFormats.sarif(FINDINGS, 'x.json'))
  const [run] = runs
  expect(run.results.map((one: { message: { text: string } }) => one.message.text)).toEqual([
    'Harvest, axis: 1 and 2 both read “0”. To mend it: Write 1 decimal; or: Use one rung.',
    'Harvest, table: 1 and 2 both read “0”.',
    'Harvest, axis: 1 and 2 both read “0”.',
  ])
  expect(run.results.map((one: { suppressions?: unknown }) => one.suppressions)).toEqual([
    undefined,
    undefined,
    [{ kind: 'external', status: 'accepted', justification: 'A draft' }],
  ])
  const [{ ruleIndex, ruleId }] = run.results
  expect(run.tool.driver.rules[ruleIndex].id).toBe(ruleId)
  expect(run.invocations[0].exitCode).toBe(1)
  const noted = JSON.parse(reportFormats.sarif(FINDINGS.slice(1), 'x.json'))
  expect(noted.runs[0].invocations[0].exitCode).toBe(0)
})
