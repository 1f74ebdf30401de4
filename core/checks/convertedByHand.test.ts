import { regionsBy } from '../label/needs'
import { load } from '../label/testing/platform'
import type { Style } from '../style/fields'
import { changed, runChecks } from './run'
import { describeCheck, found, written } from './testing/cases'

const euros = { kind: 'currency', code: 'EUR' } as const
const pounds = { kind: 'currency', code: 'GBP' } as const
const mass = { kind: 'measure', id: 'pound' } as const
const inGbp = { context: { currency: 'GBP' } }
const withRates = {
  context: { currency: 'GBP', rates: [{ currency: 'EUR', rate: '1.17', base: 'GBP' }] },
}
const inKg = { context: { measure: 'kilogram', ...regionsBy({ unit: mass }, load) } }
/** One town in euros at a rate that somebody typed, the others as they are recorded. */
const oneTown = {
  unit: pounds,
  cases: [{ when: { column: 'town', is: ['Ask'] }, use: { unit: euros, factor: '1.17' } }],
} as Style
const rows = { rows: [{ town: 'Ask' }, { town: 'Una' }] }
const oneOfTwo = (more: object) =>
  written('marks', oneTown, [2_150_000, 980_000], { ...rows, ...more })

describeCheck('converted-by-hand', {
  finds: {
    'a currency at a rate that nobody entered': written(
      'table',
      { unit: euros, factor: '1.17' },
      [2_150_000],
      inGbp,
    ),
    'letters of a currency at such a rate': written(
      'table',
      { unit: { kind: 'symbol', text: '€' }, factor: '1.17' },
      [2_150_000],
      inGbp,
    ),
    'one town in another currency': oneOfTwo(inGbp),
    'a rate of the study, and a factor besides': written(
      'table',
      { unit: euros, factor: '1.17' },
      [2_150_000],
      withRates,
    ),
    'a measure that is converted, and a factor besides': written(
      'table',
      { unit: mass, factor: '2.2' },
      [70],
      inKg,
    ),
  },
  silent: {
    'the currency that amounts are in': written(
      'table',
      { unit: pounds, factor: '1.2' },
      [5],
      inGbp,
    ),
    'a factor of one, however it is written': written(
      'table',
      { unit: mass, factor: '1.0' },
      [5],
      inKg,
    ),
    'a rate of the study alone': written('table', { unit: euros }, [5], withRates),
    'a measure that is converted alone': written('table', { unit: mass }, [5], inKg),
    'a factor where nobody says what is recorded': written(
      'table',
      { unit: euros, factor: '1.17' },
      [5],
    ),
    'letters of no known unit': written(
      'table',
      { unit: { kind: 'symbol', text: 'casks' }, factor: '0.01' },
      [500],
      inKg,
    ),
  },
})

test('it is an error if labels are converted twice, a warning in a case, and else a note', () => {
  const severity = (subject: Parameters<typeof found>[0]) =>
    found(subject, 'converted-by-hand')!.severity
  expect(severity(written('table', { unit: mass, factor: '2.2' }, [70], inKg))).toBe('error')
  expect(severity(oneOfTwo(inGbp))).toBe('warning')
  expect(severity(written('table', { unit: euros, factor: '1.17' }, [5], inGbp))).toBe('note')
})

test('its message names the label, both units and the factor', () => {
  const finding = found(oneOfTwo(inGbp), 'converted-by-hand')!
  expect(finding.message).toBe(
    '“€2,515,500.00” is converted from GBP to EUR at 1.17. The study does not have this rate.',
  )
  expect(finding.at).toEqual([0])
  const twice = found(
    written('table', { unit: mass, factor: '2.2' }, [70], inKg),
    'converted-by-hand',
  )!
  expect(twice.message).toMatch(/is converted twice: from kilogram to pound, then times 2\.2\./)
})

test('its fix returns to the recorded amount and currency', () => {
  const subject = oneOfTwo(inGbp)
  const [keep] = found(subject, 'converted-by-hand')!.fixes
  expect(keep!.id).toBe('keep-unit')
  expect(runChecks(changed(subject, keep!)).map(({ check }) => check)).not.toContain(
    'converted-by-hand',
  )
})
