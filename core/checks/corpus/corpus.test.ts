import { withAlso } from '../causes'
import { decimal } from '../../decimal/decimal'
import de from '../../locale/generated/locales/de.json'
import type { LocaleTable } from '../../locale/types'
import { checks } from '..'
import { runChecks } from '../run'
import type { Subject } from '../types'
import cases from './cases.json'

type CorpusCase = Omit<Subject, 'values' | 'step' | 'total'> & {
  rule: string
  values: string[]
  step?: string
  total?: string
  expect: string[]
}
const context = { tables: { de: de as unknown as LocaleTable } }

const subjectOf = ({ rule: _, expect: __, values, step, total, ...rest }: CorpusCase): Subject => ({
  ...rest,
  context,
  values: values.map(decimal),
  step: step === undefined ? undefined : decimal(step),
  total: total === undefined ? undefined : decimal(total),
})

test('the corpus: errors and warnings are those that its rules imply, no more and no fewer', () => {
  const counts = { right: 0, missed: 0, false: 0, silent: 0 }
  const wrong: string[] = []
  for (const [at, one] of (cases as unknown as CorpusCase[]).entries()) {
    const found = runChecks(subjectOf(one))
      .flatMap(withAlso)
      .filter(({ severity }) => severity !== 'note')
      .map(({ check }) => check)
    const missed = one.expect.filter((check) => !found.includes(check))
    const extra = found.filter((check) => !one.expect.includes(check))
    counts.right += one.expect.length - missed.length
    counts.missed += missed.length
    counts.false += extra.length
    if (one.expect.length === 0) counts.silent++
    if (missed.length + extra.length > 0)
      wrong.push(
        `${at}, ${one.rule}: missed ${missed.join(', ') || 'nothing'}, false ${extra.join(', ') || 'nothing'}`,
      )
  }
  const percent = (of: number) => `${(100 * counts.right) / (counts.right + of)} %`
  console.info(
    `corpus of ${cases.length} (${counts.silent} without a finding): ${counts.right} findings, precision ${percent(counts.false)}, recall ${percent(counts.missed)}`,
  )
  expect(cases).toHaveLength(400)
  expect(counts.silent).toBeGreaterThan(100)
  expect(wrong).toEqual([])
})

test("the corpus: a finding's words are made of its parameters alone, read from JSON too", () => {
  const told = new Set<string>()
  for (const one of cases as unknown as CorpusCase[])
    for (const { check, message, params } of runChecks(subjectOf(one)).flatMap(withAlso)) {
      told.add(check)
      const { message: words } = checks.find(({ id }) => id === check)!
      expect([check, words(JSON.parse(JSON.stringify(params)))]).toEqual([check, message])
      expect(message).not.toMatch(/undefined|NaN|\[object/)
    }
  expect(told.size).toBeGreaterThan(15)
})
