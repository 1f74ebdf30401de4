import fc from 'fast-check'
import { findAll } from '../checks/run'
import { axis, written } from '../checks/testing/cases'
import { decimal } from '../decimal/decimal'
import { candidates } from './candidates'
import { drafted, judge } from './judge'
import { suggest } from './suggest'

test('an axis of half millions is shortened, with the decimal that tells its step', () => {
  const [best] = suggest(axis({}, [0, 2e6], 500_000))
  expect(best!.labels).toEqual(['0.0M', '0.5M', '1.0M', '1.5M', '2.0M'])
  expect(best!.reasons).toEqual([{ code: 'length', count: 4 }, { code: 'exact' }])
})

test('eighths keep three decimals, tens of millionths one exponent', () => {
  expect(suggest(axis({}, [0, 1], '0.125'))[0]!.labels[1]).toBe('0.125')
  expect(suggest(axis({}, ['2e-7', '8e-7'], '2e-7'))[0]!.labels).toEqual([
    '2×10⁻⁷',
    '4×10⁻⁷',
    '6×10⁻⁷',
    '8×10⁻⁷',
  ])
})

test('a wanted form is kept to, and what all have in common too', () => {
  const found = suggest(
    axis({ unit: { kind: 'currency', code: 'EUR' } }, [0, 2e6], 500_000),
    'words',
  )
  expect(found[0]!.labels[1]!.replace(/\u00a0/g, ' ')).toBe('€0.5 million')
  expect(found.every(({ style }) => style.rungForm === 'word' && style.unit)).toBe(true)
})

test('what speaks against a suggestion is said', () => {
  const all = suggest(written('table', {}, [1200, 4_500_000]))
  expect(all.flatMap(({ reasons }) => reasons)).toContainEqual({
    code: 'finding',
    check: 'mixed-rungs',
  })
})

test('none has an error, the best comes first, and no two are alike', () => {
  const value = fc.double({ min: 1e-9, max: 1e12, noNaN: true }).map(String)
  fc.assert(
    fc.property(
      fc.array(value, { minLength: 1, maxLength: 6 }),
      fc.constantFrom('axis' as const, 'marks' as const, 'table' as const),
      (values, surface) => {
        const subject = { surface, style: {}, values: values.map(decimal) }
        const found = suggest(subject)
        for (const [at, { style, score, labels }] of found.entries()) {
          expect(
            findAll({ ...subject, style }).findings.filter(({ severity }) => severity === 'error'),
          ).toEqual([])
          expect(score).toBeLessThanOrEqual(found[at - 1]?.score ?? 1)
          expect(labels).toHaveLength(values.length)
        }
        expect(new Set(found.map(({ labels }) => labels.join('|'))).size).toBe(found.length)
      },
    ),
    { numRuns: 60 },
  )
})

test('the best are those that judging every candidate finds', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1, max: 99_999 }), { minLength: 2, maxLength: 6 }),
      fc.integer({ min: -6, max: 9 }),
      (mantissas, power) => {
        const values = mantissas.map((mantissa) => decimal(`${mantissa}e${power}`))
        const subject = { surface: 'table' as const, style: {}, values }
        const all = candidates('symbols').flatMap(({ style }) => {
          const judged = judge(drafted({ ...subject, style }), new Set())
          return judged ? [judged.cost] : []
        })
        const [best] = suggest(subject, 'symbols')
        // In thousandths, as scores are told.
        const most = Math.max(0, Math.round(1000 * (1 - Math.min(...all))))
        if (best) expect(Math.round(1000 * best.score)).toBe(most)
        else expect(all).toEqual([])
      },
    ),
    { numRuns: 60 },
  )
})

test('numbers three hundred orders apart are offered with a power each beside all their digits', () => {
  const values = ['1e308', '-2.5e307', '-0.00002', '12'].map((text) => decimal(text))
  const found = suggest({ surface: 'table', style: {}, values })
  expect(found.map(({ labels }) => labels)).toContainEqual([
    '1×10³⁰⁸',
    '-2.5×10³⁰⁷',
    '-2×10⁻⁵',
    '1.2×10¹',
  ])
})

test('the farthest exponents that are taken keep nobody waiting', () => {
  const began = performance.now()
  for (const texts of [
    ['1e9999', '1e-9999', '12'],
    ['1e-9999', '5'],
  ])
    expect(
      suggest({ surface: 'axis', style: {}, values: texts.map((text) => decimal(text)) }).length,
    ).toBeGreaterThan(0)
  expect(performance.now() - began).toBeLessThan(120_000)
})
