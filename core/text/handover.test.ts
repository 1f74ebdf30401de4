import { MessageFormat } from 'messageformat'
import { type Handed, type HandedNumber, handedOver } from './handover'
import { sayMessage } from './message'
import { metres, moorings } from './testing/moorings'

/** What a message says where it is formatted by the standard's functions and one that labels. */
function said({ message, values }: Handed, locale = 'en'): string {
  const label = (_context: unknown, _options: unknown, operand: unknown) => {
    const text = metres.label((operand as HandedNumber).value).replace('\u00a0', ' ')
    return { type: 'label', toString: () => text, selectKey: () => null }
  }
  const functions = { label } as never
  return new MessageFormat(locale, message, { functions, bidiIsolation: 'none' }).format(values)
}

test.each([
  [
    '{$total} in all, {$name} first',
    '{$total :label} in all, {$name} first',
    { total: { value: '7.075' }, name: 'Hythe Sands' },
  ],
  [
    'From {|depth m| :least} at {mooring :where least=|depth m|}',
    'From {$least_depth_m :label} at {$where_mooring}',
    { least_depth_m: { value: '2.875' }, where_mooring: 'Hythe Sands' },
  ],
  [
    '{|depth m| :span}',
    '{$span_depth_m :label} to {$span_depth_m_end :label}',
    { span_depth_m: { value: '2.875' }, span_depth_m_end: { value: '4.2' } },
  ],
  [
    '.local $n = {|depth m| :count} .match $n one {{one mooring}} * {{{$n} moorings}}',
    '.local $n = {$count_depth_m :integer}\n.match $n\none {{one mooring}}\n* {{{$n} moorings}}',
    { count_depth_m: 2 },
  ],
  [
    '{mooring :where least=|depth m|}, {mooring :where largest=|depth m|}',
    '{$where_mooring}, {$where_mooring2}',
    { where_mooring: 'Hythe Sands', where_mooring2: 'Farrow Ledge' },
  ],
  [
    '{|north m| :largest} and 40 %',
    '{$largest_north_m} and 40 %',
    { largest_north_m: '3480 north' },
  ],
])('%s is handed over as %s', (source, message, values) => {
  const handed = handedOver(source, moorings())!
  expect(handed.values).toEqual(values)
  expect(handed.message.trim()).toBe(message)
  expect(said(handed)).toBe(sayMessage(source, moorings()).text)
})

test('a number goes with the cells that its label looks at', () => {
  const prose = { ...moorings(), beside: { total: { money: 'EUR' } } }
  expect(handedOver('{$total}', prose)!.values).toEqual({
    total: { value: '7.075', row: { money: 'EUR' } },
  })
})

test('what is broken, or says what there is not, is not handed over', () => {
  expect(
    ['{', '{nope :least}', '{mooring :least}'].map((one) => handedOver(one, moorings())),
  ).toEqual([null, null, null])
})
