import type { Reason } from '../core/ticks/reasons'
import { suggestionReasonText, suggestionReasonTexts } from './suggestionReason'

test.each<[Reason, string]>([
  [{ code: 'length', count: 4 }, 'at most 4 characters'],
  [{ code: 'error', percent: '0.37' }, 'off by up to 0.37%'],
  [{ code: 'finding', check: 'mixed-rungs' }, 'several rungs on one scale'],
  [{ code: 'ticks', count: 1 }, '1 tick'],
  [
    { code: 'otherTicks', count: 3, wanted: 7, isAsked: true, isFarOff: true },
    '3 ticks instead of 7',
  ],
  [
    { code: 'otherTicks', count: 6, wanted: 7, isAsked: false, isFarOff: false },
    '6 ticks where 7 fit',
  ],
])('%j is said as “%s”', (reason, text) => expect(suggestionReasonText(reason)).toBe(text))

test('a list says which of its reasons speak against the suggestion', () =>
  expect(
    suggestionReasonTexts([
      { code: 'exact' },
      { code: 'turned' },
      { code: 'otherTicks', count: 3, wanted: 7, isAsked: true, isFarOff: true },
    ]),
  ).toEqual(['all labels exact', 'against it: rotated labels', 'against it: 3 ticks instead of 7']))
