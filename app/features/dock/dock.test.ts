import type { Surface } from '~~/core/surfaces'
import { decimal, toText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { resolve } from '~~/core/label/resolve'
import measureNames from '~~/core/locale/generated/measure-names/en.json'
import type { MeasureNames } from '~~/core/locale/types'
import { inherit } from '~~/core/style/inherit'
import { FIELD_NAMES, type Style } from '~~/core/style/fields'
import type { Quantity } from '~~/shared/study/quantity'
import { choicesOf, type Desk, sentenceOf, typedOf } from './choices'
import { errorColumns } from './errorColumns'
import { type DrawnRows, drawingOf, panelOf } from '~~/shared/page/drawing'
import { changesOf } from '~~/shared/page/marks'
import { cardsOf, offersOf } from '~/features/margin/cards'

const draw = (wanted: Quantity['ticks'], names: string[], cells: DrawnRows['values']) =>
  drawingOf({ category: 'site', aggregate: 'sum' }, wanted, { categories: names, values: cells })
const values = (...texts: string[]) => texts.map((text) => decimal(text))
test('a chart draws the exact sum of each category, the largest first, and says how many there are', () => {
  const names = ['a', 'b', 'a', ...Array.from({ length: 12 }, (_, at) => `c${at}`)]
  const drawing = draw(
    {},
    names,
    names.map((_, at) => (at === 3 ? null : decimal('0.1'))),
  )!
  expect(drawing.groups[0]).toMatchObject({ category: 'a' })
  expect(toText(drawing.groups[0]!.value)).toBe('0.2')
  expect([drawing.groups.length, drawing.all.length]).toEqual([10, 13])
})

test('an axis that crosses zero encloses both sides; a step too small for it is replaced and said', () => {
  const across = draw({ step: '5' }, ['a', 'b'], values('-7', '12'))!
  expect(across.ticks.values.map(toText)).toEqual(['-10', '-5', '0', '5', '10', '15'])
  const crowded = draw({ step: '0.1' }, ['a'], values('100'))!
  expect(crowded.trouble).toMatch(/1001 ticks here/)
  expect(crowded.ticks.values.length).toBeLessThan(20)
  expect(draw({ step: '1e-9' }, ['a'], values('100'))!.trouble).toMatch(/more than 10000 ticks/)
})

test('panels have one axis, are ordered each by itself, and no change is told from one to the next', () => {
  const names = ['a', 'b', 'a', 'b', 'b']
  const panelled = drawingOf(
    { category: 'site', aggregate: 'sum' },
    {},
    {
      categories: names,
      values: values('1', '20', '3', '4', '0.5'),
      panels: ['x', 'x', 'y', 'y', 'x'],
    },
  )!
  expect(panelled.panels).toEqual(
    [
      { name: 'x', from: 0, to: 2 },
      { name: 'y', from: 2, to: 4 },
    ].map((one, at) => ({ ...one, whole: [decimal('21.5'), decimal('7')][at], scale: null })),
  )
  expect(panelled.groups.map(({ category, value }) => `${category} ${toText(value)}`)).toEqual([
    'b 20.5',
    'a 1',
    'b 4',
    'a 3',
  ])
  expect(toText(panelled.ticks.values.at(-1)!)).toBe('25')
  const second = panelOf(panelled, panelled.panels[1]!)
  expect([second.groups.length, second.labelled, second.ticks === panelled.ticks]).toEqual([
    2,
    [0, 1],
    true,
  ])
  expect(changesOf(panelled).map(({ from, to, value }) => [from, to, toText(value)])).toEqual([
    [0, 1, '-19.5'],
    [2, 3, '-1'],
  ])
})

test('marks that run on are labelled at their ends and extremes', () => {
  const waves = Array.from({ length: 40 }, (_, at) => decimal({ 7: 99, 20: -5 }[at] ?? at % 9))
  const line = drawingOf(
    { category: null, aggregate: 'sum', form: 'line' },
    {},
    { categories: waves.map((_, at) => `row ${at}`), values: waves },
  )!
  expect([line.groups.length, line.labelled]).toEqual([40, [0, 7, 20, 39]])
})

test('a log axis stands on what lies above zero, and gives way where nothing does', () => {
  const logs = draw({ kind: 'log' }, ['a', 'b', 'c'], values('3', '0', '40000'))!
  expect(logs.ticks.values.map(toText)).toEqual(['1', '10', '100', '1000', '10000', '100000'])
  const below = draw({ kind: 'log' }, ['a'], values('-5'))!
  expect([below.trouble, below.ticks.kind]).toEqual([
    expect.stringMatching(/no number here lies above/),
    'linear',
  ])
})

test('nothing to draw is said as nothing', () => {
  expect(draw({}, ['a'], [null])).toBeNull()
})

const desk = (style: Style, ...samples: number[]): Desk => ({
  style: inherit(style),
  samples,
  context: {},
  more: {},
  has: ({ locale }) => locale === 'en',
})

test('what the list lacks is typed, and written or refused at each keystroke', () => {
  const typed = typedOf('increment', desk({}, 1.3, 2))!
  expect(typed.read('0.25')).toMatchObject({
    choices: [{ patch: { increment: '0.25' }, sample: '1.25   2' }],
  })
  expect(typed.read('0.25x')).toMatchObject({
    trouble: expect.stringContaining('“0.25x” is no number'),
  })
  expect(typed.read('-1')).toMatchObject({
    trouble: expect.stringMatching(
      /^style\.increment: "-1" is not allowed; it takes null or decimal text/,
    ),
  })
  expect(typed.read('2.5K')).toMatchObject({ choices: [{ patch: { increment: '2500' } }] })
  const named = {
    ...desk({}, 1),
    context: { measureNames: { en: measureNames as unknown as MeasureNames } },
  }
  expect(typedOf('unit', named)!.read('kg')).toMatchObject({
    choices: [
      { patch: { unit: { kind: 'measure', id: 'kilogram' } }, sample: '1 kg' },
      { patch: { unit: { kind: 'symbol', text: 'kg' } }, sample: '1\u00a0kg' },
    ],
  })
  // A unit of another dimension than the recorded one is no choice; its letters are.
  const ofHours = { ...named, context: { ...named.context, measure: 'hour' } }
  expect(typedOf('unit', ofHours)!.read('kg')).toMatchObject({
    choices: [{ patch: { unit: { kind: 'symbol', text: 'kg' } } }],
  })
  expect(typedOf('unit', ofHours)!.read('min')).toMatchObject({
    choices: [{ sample: '60 min' }, { sample: '1\u00a0min' }],
  })
  // What is no currency and no measure is a text.
  expect(typedOf('unit', desk({}, 1))!.read('RPM')).toMatchObject({
    choices: [{ patch: { unit: { kind: 'symbol', text: 'RPM' } } }],
  })
  expect(typedOf('unit', desk({}, 1))!.read('SEK')).toMatchObject({
    choices: [{ patch: { unit: { kind: 'currency', code: 'SEK' } } }],
  })
  expect(typedOf('grouping', desk({}, 1))).toBeNull()
})

test('each choice is written as the style writes once it is taken', () => {
  const samples = [1284311.5, -0.0625]
  const styles: Style[] = [{}, { notation: 'scaled', fraction: [1, 1] }, { significant: [2, 3] }]
  for (const style of styles) {
    const base = desk(style, ...samples)
    for (const field of FIELD_NAMES)
      for (const { patch, sample, refused } of choicesOf(field, base)) {
        if (refused) continue
        const taken = { ...base.style, ...patch }
        if (!base.has(taken)) continue
        const written = labeller(resolve(taken)).labels(samples)
        expect([field, patch, sample]).toEqual([field, patch, written.join('   ')])
      }
  }
})

test('a study adds choices of its own', () => {
  const own = { ...desk({}, 5), more: { unit: [{ kind: 'currency', code: { column: 'money' } }] } }
  expect(choicesOf('unit', own).map(({ title }) => title)).toContain('the currency in money')
})

test('errors are looked for where a header says so, and else in all other numbers', () => {
  const column = (name: string, kind: 'number' | 'text' = 'number') => ({
    ...{
      name,
      kind,
      position: 0,
      reason: { code: 'text' as const },
      encoding: 'float64' as const,
      missing: 0,
      unread: [],
    },
  })
  const found = (...columns: ReturnType<typeof column>[]) =>
    errorColumns(columns, 'yield').map((error) => error!.column)
  expect(found(column('yield'), column('yield_se'), column('spores'))).toEqual(['yield_se'])
  expect(found(column('yield'), column('spores'), column('site', 'text'))).toEqual(['spores'])
  const own = { ...desk({}, 5), more: { uncertainty: errorColumns([column('se')], 'yield') } }
  expect(choicesOf('uncertainty', own).map(({ title }) => title)).toEqual([
    'unknown',
    'in se, after ±',
  ])
})

test('a choice of a region whose table is not here yet waits for it; one that the style rules out is left out', () => {
  expect(choicesOf('locale', desk({}, 1)).find(({ key }) => key === '"de"')).toMatchObject({
    title: 'German (de)',
    sample: '…',
  })
  const titles = choicesOf('marks', desk({ marks: { group: ',', decimal: '.' } }, 1)).map(
    ({ title }) => title,
  )
  expect(titles).toContain('decimal “,”, group “.”')
})

test('the sentence has the phrases that its style needs, and each choice is written with own numbers', () => {
  const usual = (style: Style) =>
    sentenceOf(inherit(style))
      .filter(({ rare }) => !rare)
      .map(({ field }) => field)
  expect(usual({})).toEqual(['notation', 'fraction', 'grouping', 'unit'])
  expect(usual({ rounding: 'floor', sign: 'always' })).toEqual([
    'notation',
    'fraction',
    'rounding',
    'grouping',
    'sign',
    'unit',
  ])
  expect(sentenceOf(inherit({ notation: 'scaled' })).map(({ field }) => field)).toContain('rung')
  const house = inherit({ marks: { minus: '−' } })
  expect(sentenceOf(house, house).find(({ field }) => field === 'marks')!.rare).toBe(true)
  const choices = choicesOf(
    'rung',
    desk({ notation: 'scaled', fraction: [0, 1] }, 1284311.5, 307502),
  )
  expect(choices.map(({ title, sample }) => `${title}: ${sample}`)).toEqual(
    expect.arrayContaining(['in millions (M): 1.3M   0.3M', 'by its own rung: 1.3M   307.5K']),
  )
  expect(choicesOf('fraction', desk({ fraction: [2, 5] }, 1.5))[0]).toMatchObject({
    title: '2 to 5 decimals',
    sample: '1.50',
  })
})

describe('cards of the margin', () => {
  const finding = (
    check: string,
    severity: 'error' | 'warning' | 'note',
    surface: Surface,
    fixes: string[],
  ) => ({
    check,
    severity,
    surface,
    message: '',
    params: {},
    at: [0],
    fixes: fixes.map((title) => ({
      id: title,
      params: {},
      title,
      way: 'decimals' as const,
      style: {},
    })),
  })

  test('what one fix mends stands together, on its own surface, most serious first', () => {
    const cards = cardsOf([
      finding('idle-zeros', 'note', 'axis', []),
      finding('same-label', 'warning', 'marks', ['Write 1 decimal']),
      finding('step-hidden', 'error', 'axis', ['Write 1 decimal', 'Set the step to 1']),
      finding('misread', 'error', 'axis', ['Set the step to 2', 'Write 1 decimal']),
    ])
    expect(cards.map(({ main, also }) => [main.check, ...also.map(({ check }) => check)])).toEqual([
      ['step-hidden', 'misread'],
      ['same-label'],
      ['idle-zeros'],
    ])
  })

  test('one kind of finding is one card, whose fixes say which surfaces they mend', () => {
    const [card, ...others] = cardsOf([
      finding('vanished', 'error', 'marks', ['Write 1 decimal', 'In thousands']),
      finding('vanished', 'error', 'sentence', ['Write 1 decimal']),
      finding('vanished', 'error', 'table', ['Write 2 decimals', 'In units']),
    ])
    expect(others).toEqual([])
    expect(offersOf(card!).map(({ fix, surfaces }) => [fix.title, ...surfaces])).toEqual([
      ['Write 1 decimal', 'marks', 'sentence'],
      ['In thousands', 'marks'],
      ['Write 2 decimals', 'table'],
      ['In units', 'table'],
    ])
  })

  test('findings without a fix stand alone', () => {
    expect(
      cardsOf([finding('a', 'error', 'axis', []), finding('b', 'error', 'axis', [])]),
    ).toHaveLength(2)
  })
})
