import { plural } from '../speak'

/** What speaks for or against a suggested style or a set of ticks. */
export const suggestions = {
  reasons: {
    length: 'at most {$count} characters',
    exact: 'all labels exact',
    tinyError: 'off by less than 0.01%',
    error: 'off by up to {$percent}%',
    needlessPowers: 'powers of ten where plain digits would do',
    turned: 'rotated labels',
    smallType: 'type of {$size} px',
    endsWithDomain: 'ends with the data',
    endsFarFromDomain: 'ends far from the data',
    zeroIsTick: 'zero is a tick',
    stepsOfTwoAndAHalf: 'steps of two and a half',
    ticks: plural('count', '1 tick', '{$count} ticks'),
    otherThanAsked: plural(
      'count',
      '1 tick instead of {$wanted}',
      '{$count} ticks instead of {$wanted}',
    ),
    otherThanFits: plural(
      'count',
      '1 tick where {$wanted} fit',
      '{$count} ticks where {$wanted} fit',
    ),
  },
  against: 'against it: {$reason}',
} as const
