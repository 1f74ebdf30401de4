import type { Style } from '../style/fields'
import { describeCheck, written } from './testing/cases'

const million: Style = {
  notation: 'scaled',
  ladder: { rungs: [{ power: 6, symbol: 'm', word: 'million' }] },
}
const symbol = (text: string, gap = ''): Style => ({ unit: { kind: 'symbol', text, gap } })

describeCheck('rung-joins-unit', {
  finds: {
    'mg for million grams': written('table', { ...million, ...symbol('g') }, [5_000_000]),
    'MkWh for million kilowatt-hours': written(
      'marks',
      { notation: 'scaled', ...symbol('kWh') },
      [12_345_678],
    ),
    'm for million beside metres': written(
      'table',
      { ...million, ...symbol('m', ' ') },
      [5_000_000],
    ),
    'm for million of lengths whose unit is in the title': written('table', million, [5_000_000], {
      context: { measure: 'kilometer' },
    }),
  },
  silent: {
    'a blank between power and unit': written(
      'marks',
      { notation: 'scaled', ...symbol('kWh', ' ') },
      [12_345_678],
    ),
    'prefixes that are meant': written(
      'marks',
      { notation: 'scaled', ladder: 'si', ...symbol('W') },
      [12_345_678],
    ),
    'm for million of money': written(
      'table',
      { ...million, unit: { kind: 'currency', code: 'EUR' } },
      [5_000_000],
    ),
    'numbers below the power': written('table', { ...million, ...symbol('g') }, [500]),
    'letters that make no unit': written(
      'marks',
      { notation: 'scaled', ...symbol('casks') },
      [5e6],
    ),
  },
})
