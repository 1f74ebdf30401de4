import { decimal } from '../../decimal/decimal'
import type { FullStyle, Style } from '../../style/fields'
import { axis, type DeskCase, due, fine, on, symbol } from './case'

const clock = (form: FullStyle['clock']['form'], more: Style = {}): Style => ({
  notation: 'clock',
  ...more,
  clock: { form, ...more.clock },
})
const ofDay: Style = { notation: 'clock', clock: { of: 'hour', form: 'h:mm', kind: 'timeOfDay' } }
const hundredths: Style['fraction'] = [2, 2]

/** Sport times, waits, shifts, hours of the day, ages, months, angles. */
export const times: readonly DeskCase[] = [
  fine(
    'laps to the hundredth',
    on('table', clock('m:ss', { fraction: hundredths }), ['83.45', '84.02', '90.1']),
  ),
  due(
    'two finishes that minutes cannot tell apart',
    'same-label',
    on('table', clock('h:mm'), [7299, 7301, 7800]),
  ),
  fine('finishes to the second', on('table', clock('h:mm:ss'), [7299, 7301, 7800])),
  fine('a record in a headline', on('headline', clock('h:mm:ss'), [7235])),
  fine('an axis of an hour by quarters', axis(clock('h:mm'), [0, 3600], 900)),
  due('half minutes on an axis without seconds', 'step-hidden', axis(clock('h:mm'), [0, 180], 30)),
  fine('half minutes with their seconds', axis(clock('m:ss'), [0, 180], 30)),
  due(
    'tenths of seconds on an axis of whole ones',
    'step-hidden',
    axis(clock('m:ss', { fraction: [0, 0] }), [60, 62], '0.5'),
  ),
  fine('a day by six hours', axis(clock('h:mm', { clock: { of: 'hour' } }), [0, 24], 6)),
  fine('hours of the day by six', axis(ofDay, [0, 24], 6)),
  fine('opening hours in a table', on('table', ofDay, ['8.25', '17.5', 12])),
  due('two trains in one minute', 'same-label', on('table', ofDay, ['8.5', '8.5005', 9])),
  fine('shifts in minutes', on('marks', clock('h:mm', { clock: { of: 'minute' } }), [480, 95, 40])),
  due('a wait of 20 seconds looks like none', 'vanished', on('table', clock('h:mm'), [20, 3600])),
  due('95 seconds as two minutes', 'misread', on('table', clock('h:mm'), [95, 3600])),
  fine('95 seconds as they are', on('table', clock('m:ss'), [95, 3600])),
  fine('stays of days', on('table', clock('d h:mm'), [187_500, 90_000])),
  fine('ahead and behind, with signs', on('table', clock('m:ss', { sign: 'always' }), [-12, 75])),
  due(
    'ahead and behind with the sign hidden',
    'order-reversed',
    on('table', clock('m:ss', { sign: 'never' }), [-80, 75]),
  ),
  due(
    'hundredths that are zero on every lap',
    'idle-zeros',
    on('table', clock('m:ss', { fraction: hundredths }), [61, 122, 183]),
  ),
  fine('a total of laps', on('table', clock('m:ss'), [61, 122], { total: decimal(183) })),
  fine('ages in whole years', on('table', { fraction: [0, 0] }, [34, 29, 71], { kind: 'count' })),
  fine('months of a year', axis({ fraction: [0, 0] }, [1, 12], 1)),
  fine('hours without a clock', axis({ unit: symbol('h'), fraction: [1, 1] }, [0, 3], '0.5')),
  due(
    'half hours, whole',
    'step-hidden',
    axis({ unit: symbol('h'), fraction: [0, 0] }, [0, 3], '0.5'),
    [],
  ),
  fine('a turn by eighths', axis({ unit: symbol('°'), fraction: [0, 0] }, [0, 360], 45)),
  due(
    'a turn by sixteenths, whole',
    'step-hidden',
    axis({ unit: symbol('°'), fraction: [0, 0] }, [0, 90], '22.5'),
  ),
  fine('a bound of a minute', on('table', clock('m:ss', { under: '60' }), [12, 75, 130])),
  due(
    'clocks too close on a short axis',
    'crowded',
    axis(clock('h:mm:ss'), [0, 7200], 600, { room: { width: 300, fontSize: 12 } }),
  ),
  fine(
    'clocks with room',
    axis(clock('h:mm'), [0, 7200], 1800, { room: { width: 300, fontSize: 12 } }),
  ),
]
