import fc from 'fast-check'
import type { StatedRate } from '../../core/style/rates'
import { rateLine, ratesIn, ratesSaid } from './text'

const GBP: StatedRate = { currency: 'GBP', rate: '1.17', base: 'EUR' }
const dated: StatedRate = { ...GBP, date: '2031-03-01', source: 'Osprind treasury' }

test.each<[string, string, StatedRate[]]>([
  ['a sentence', '1 GBP = 1.17 EUR', [GBP]],
  ['a sentence with its day and source', '1 GBP = 1.17 EUR, 2031-03-01, Osprind treasury', [dated]],
  ['small letters and no blanks', 'gbp=1.17eur', [GBP]],
  ['a decimal comma', '1 GBP = 1,17 EUR', [GBP]],
  ['a table', 'currency,rate,base\nGBP,1.17,EUR', [GBP]],
  [
    'a table in another order',
    'source;date;base;currency;rate\nOsprind treasury;2031-03-01;EUR;GBP;1,17',
    [dated],
  ],
  ['cells from a sheet', 'GBP\t1.17\tEUR\t2031-03-01\tOsprind treasury', [dated]],
  ['quoted cells and empty lines', '"GBP","1.17","EUR"\r\n\r\n', [GBP]],
  [
    'all of its digits',
    '1 JPY = 0.00620000000000000000001 EUR',
    [{ currency: 'JPY', rate: '0.00620000000000000000001', base: 'EUR' }],
  ],
  ['nothing', '  \n', []],
])('%s is read', (_, text, rates) => {
  expect(ratesIn(text)).toEqual({ rates, troubles: [] })
})

test.each<[string, number, string]>([
  ['1 GBP = 1.17 EUX', 1, '“EUX” is not a currency. Write a three-letter code such as EUR.'],
  ['1 GBP = 0 EUR', 1, '“0” is not a rate. Write a number above zero such as 1.17.'],
  ['GBP,many,EUR', 1, '“many” is not a rate. Write a number above zero such as 1.17.'],
  ['GBP,1.17,EUR,1 March', 1, '“1 March” is not a date. Write it as 2031-03-01.'],
  ['1 EUR = 1 EUR', 1, 'EUR has no rate to itself.'],
  ['1 GBP = 1.17 EUR\n1 EUR = 0.85 GBP', 2, 'There is already a rate between EUR and GBP.'],
  ['pounds', 1, '“POUNDS” is not a currency. Write a three-letter code such as EUR.'],
])('%j is refused, with its line', (text, line, says) => {
  expect(ratesIn(text).troubles).toEqual([{ line, says }])
})

test('every rate is read again from its own line', () => {
  const rate = fc.record({
    currency: fc.constantFrom('GBP', 'SEK', 'USD'),
    rate: fc.integer({ min: 1, max: 10 ** 9 }).map((n) => String(n / 1000)),
    base: fc.constantFrom('EUR', 'JPY'),
    date: fc.constantFrom('2031-03-01', '2030-12-31'),
    source: fc.constantFrom('Osprind treasury', 'Bank of Vik, morning'),
  })
  fc.assert(
    fc.property(rate, (one) => {
      expect(ratesIn(rateLine(one))).toEqual({ rates: [one], troubles: [] })
    }),
    { numRuns: 200 },
  )
})

test('a note says the day and the source of several rates once', () => {
  expect(ratesSaid([dated, { ...dated, currency: 'SEK', rate: '0.088' }])).toBe(
    '1 GBP = 1.17 EUR, 1 SEK = 0.088 EUR (2031-03-01, Osprind treasury)',
  )
  expect(ratesSaid([GBP])).toBe('1 GBP = 1.17 EUR')
})
