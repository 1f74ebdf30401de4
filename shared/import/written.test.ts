import { isMeasure } from '../../core/measures/convert'
import { besideOf } from '../../core/style/besideNumbers'
import { MEASURE_SYMBOLS } from '../../core/units/names'
import { readWritten, scaled } from './written'

const read = (cell: string, mark: '.' | ',' = '.') => {
  const written = readWritten(cell, mark)
  return written && [scaled(written.number, written.power), written.unit]
}

test.each([
  ['1.2M', '1200000', ''],
  ['950K', '950000', ''],
  ['3.4k', '3400', ''],
  ['(3,400)', '-3400', ''],
  ['€ 5', '5', '€'],
  ['$5', '5', '$'],
  ['-$5.20', '-5.2', '$'],
  ['($5.20)', '-5.2', '$'],
  ['$(5.20)', '-5.2', '$'],
  ['5-', '-5', ''],
  ['12%', '12', '%'],
  ['12 %', '12', '%'],
  ['5 kg', '5', 'kg'],
  ['−5', '-5', ''],
  ['1 234', '1234', ''],
  ['$1.5bn', '1500000000', '$'],
  ['€3m', '3000000', '€'],
  ['3m €', '3000000', '€'],
  ['1.2 million', '1200000', ''],
  ['1.2 Million', '1200000', ''],
  ['4 M€', '4000000', '€'],
  ['5 m', '5', 'm'],
  ['120 MW', '120', 'MW'],
  ['1,204*', '1204', ''],
  ['17 [2]', '17', ''],
  ['12²', '12', ''],
  ['12 m²', '12', 'm²'],
  ['12 people', '12', 'people'],
  ['EUR 12', '12', 'EUR'],
  ['7 crore', '70000000', ''],
])('“%s” is %s of “%s”', (cell, number, unit) => {
  expect(read(cell)).toEqual([number, unit])
})

test.each([
  ['1 234,5', '1234.5', ''],
  ['1.234,5 €', '1234.5', '€'],
  ['2,5 Mio.', '2500000', ''],
  ['2,5 Mrd. €', '2500000000', '€'],
])('with a decimal comma “%s” is %s of “%s”', (cell, number, unit) => {
  expect(read(cell, ',')).toEqual([number, unit])
})

test.each([
  'A12',
  'Zone 4',
  '12:30',
  '5 of 12',
  '2024-05-01',
  '12/05',
  '1.2.3',
  'ten',
  '',
  '12 May 2024',
  '#5',
  '~5',
  '<5',
])('“%s” is no number with a unit', (cell) => expect(readWritten(cell, '.')).toBeNull())

test('every symbol is one of a measure of CLDR, and a rung is told from a unit', () => {
  expect(Object.values(MEASURE_SYMBOLS).filter((id) => !isMeasure(id))).toEqual([])
  expect(['kg', 'MW', 'bn €', 'K', 'mio'].map(besideOf)).toEqual([
    { power: 0, unit: 'kg' },
    { power: 0, unit: 'MW' },
    { power: 9, unit: '€' },
    { power: 3, unit: '' },
    { power: 6, unit: '' },
  ])
})
