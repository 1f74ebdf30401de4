import { load } from '../../../core/label/testing/platform'
import { regionsBy } from '../../../core/label/needs'
import { resolve } from '../../../core/label/resolve'
import type { Style } from '../../../core/style/fields'
import { ladderOf } from './slim'

const measure = (id: string): Style => ({ unit: { kind: 'measure', id } })
const hasSteps = async (style: Style, recorded?: string) =>
  ladderOf(
    resolve(style, {
      ...(await regionsBy(style, load)),
      ...(recorded === undefined ? {} : { measure: recorded }),
    }),
  ) !== null

test.each<[string, Style, string | undefined]>([
  ['plain numbers', {}, undefined],
  ['percent', { unit: { kind: 'percent' } }, undefined],
  ['the unit that is recorded', measure('kilogram'), 'kilogram'],
  ['a thousand of the unit that is recorded', measure('tonne'), 'kilogram'],
])('an axis of %s places ticks anew where it zooms', async (_, style, recorded) =>
  expect(await hasSteps(style, recorded)).toBe(true),
)

test.each<[string, Style, string | undefined]>([
  ['kilograms that are recorded in pounds', measure('kilogram'), 'pound'],
  ['miles that are recorded in kilometres', measure('mile'), 'kilometer'],
  ['values times 12', { factor: '12' }, undefined],
])('an axis of %s keeps its ticks: others would not be round', async (_, style, recorded) =>
  expect(await hasSteps(style, recorded)).toBe(false),
)
