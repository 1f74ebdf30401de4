import { withAlso } from './causes'
import fc from 'fast-check'
import type { Style } from '../style/fields'
import { changed, runChecks } from './run'
import { axis, found, written } from './testing/cases'
import type { Finding, Subject } from './types'

describe('step-hidden', () => {
  test.each<[string, Subject]>([
    ['an eighth with no decimals', axis({ fraction: [0, 0] }, [0, 1], '0.125')],
    ['an eighth with one decimal', axis({ fraction: [1, 1] }, [0, 1], '0.125')],
    ['an eighth with two', axis({ fraction: [0, 2] }, [0, 1], '0.125')],
    [
      'a quarter of a million in whole millions',
      axis({ notation: 'scaled', rung: 6, fraction: [0, 0] }, [0, 2e6], '250000'),
    ],
    [
      'half a thousand, each its own rung',
      axis({ notation: 'scaled', fraction: [0, 0] }, [0, 5000], '500'),
    ],
    [
      '2.5 ten-millionths in whole mantissas',
      axis({ notation: 'scientific', exponent: -7, fraction: [0, 0] }, [0, '1e-6'], '2.5e-7'),
    ],
  ])('finds %s', (_, subject) => {
    expect(found(subject, 'step-hidden')).toMatchObject({ severity: 'error' })
  })

  test.each<[string, Subject]>([
    ['an eighth with three decimals', axis({ fraction: [3, 3] }, [0, 1], '0.125')],
    ['whole steps', axis({ fraction: [0, 0] }, [0, 10], '2')],
    [
      'half millions with one decimal',
      axis({ notation: 'scaled', rung: 6, fraction: [1, 1] }, [0, 2e6], '500000'),
    ],
    ['one tick', axis({ fraction: [0, 0] }, [0.5, 0.5], '0.5')],
    ['values that are no ticks', written('marks', { fraction: [0, 0] }, [0.125, 0.25])],
    ['large steps written in full', axis({}, [-1e12, 1e12], '250000000000')],
  ])('is silent on %s', (_, subject) => {
    expect(found(subject, 'step-hidden')).toBeUndefined()
  })

  test('says what the reader sees and how far that is off', () => {
    expect(found(axis({ fraction: [0, 0] }, [0, 1], '0.125'), 'step-hidden')!.message).toBe(
      'The axis goes up by 0.125, but readers see steps of 0 or 1: 0.5 reads as 1, off by 0.5.',
    )
  })

  test('offers the decimals that it needs, and a step that the labels can tell', () => {
    const { fixes } = found(axis({ fraction: [0, 0] }, [0, 1], '0.125'), 'step-hidden')!
    expect(fixes.map(({ title }) => title)).toEqual(['Write 3 decimals', 'Set the step to 1'])
    expect(fixes[0]!.style).toEqual({ fraction: [3, 3] })
  })
})

describe('same-label', () => {
  test.each<[string, Subject, Finding['severity']]>([
    ['ticks', axis({ fraction: [0, 0] }, [0, 1], '0.125'), 'error'],
    [
      'marks in whole millions',
      written('marks', { notation: 'scaled', rung: 6, fraction: [0, 0] }, [1.1e6, 1.4e6]),
      'warning',
    ],
    ['table cells', written('table', { fraction: [0, 2] }, ['0.1234', '0.1231']), 'warning'],
    [
      'digits beyond a double',
      written('table', { notation: 'scaled', fraction: [0, 0] }, [
        '12345678901234567890',
        '12345678901234567891',
      ]),
      'warning',
    ],
    ['two signs that are hidden', written('marks', { sign: 'never' }, [5, -5]), 'warning'],
    ['tiny numbers that vanish', written('marks', {}, [0, 4e-7]), 'warning'],
  ])('finds %s', (_, subject, severity) => {
    expect(found(subject, 'same-label')).toMatchObject({ severity })
  })

  test.each<[string, Subject]>([
    ['equal numbers', written('table', {}, [5, 5, '5.0'])],
    [
      'numbers told apart',
      written('marks', { notation: 'scaled', fraction: [0, 1] }, [1.1e6, 1.4e6]),
    ],
    ['one number', written('marks', {}, [1])],
    ['nothing', written('table', {}, [])],
    ['opposite signs shown', written('marks', {}, [5, -5])],
    ['different rungs', written('marks', { notation: 'scaled' }, [1000, 1e6])],
  ])('is silent on %s', (_, subject) => {
    expect(found(subject, 'same-label')).toBeUndefined()
  })

  test('names the numbers and how far they lie apart', () => {
    const finding = found(written('marks', { fraction: [0, 0] }, [1234.25, 1233.75]), 'same-label')!
    expect(finding.message).toBe(
      '1,233.75 and 1,234.25 both read “1,234”. Readers take them for one number, but they are 0.5 apart.',
    )
    expect(finding).toMatchObject({
      at: [0, 1],
      fixes: [{ title: 'Write 1 decimal', style: { fraction: [1, 1] } }],
    })
  })
})

test('after a fix its check is silent and no error is new', () => {
  const decimals = fc.nat(3)
  fc.assert(
    fc.property(
      decimals,
      fc.constantFrom('0.125', '0.25', '2.5', '250', '40000'),
      fc.constantFrom<Style[]>(
        {},
        { notation: 'scaled' },
        { notation: 'scaled', rung: 3 },
        { notation: 'scientific' },
      ),
      (count, step, style) => {
        const subject = axis({ ...style, fraction: [0, count] }, [0, Number(step) * 9], step)
        const before = runChecks(subject)
        for (const finding of before)
          for (const fix of finding.fixes) {
            const after = runChecks(changed(subject, fix))
            expect(after.map(({ check }) => check)).not.toContain(finding.check)
            const errors = (findings: Finding[]) =>
              findings
                .flatMap(withAlso)
                .filter(({ severity }) => severity === 'error')
                .map(({ check }) => check)
            expect(errors(before)).toEqual(expect.arrayContaining(errors(after)))
          }
      },
    ),
    { numRuns: 60 },
  )
})

test('of a long column too, a fix is offered only when it holds for every row', () => {
  const values = Array.from({ length: 5000 }, (_, at) => `${at}.${at === 4321 ? '00001' : '5'}`)
  const finding = found(
    written('table', { fraction: [0, 0] }, [...values, '4321.00002']),
    'same-label',
  )!
  expect(finding.fixes[0]).toMatchObject({ title: 'Write 5 decimals' })
})
