import { axis, type DeskCase, due, EURO, fine, on, PERCENT, shared, symbol } from './case'

const cents: [number, number] = [2, 2]
/** Budgets, prices and money columns. */
export const money: readonly DeskCase[] = [
  fine(
    'prices in cents, as every till prints them',
    on('table', { unit: EURO, fraction: cents }, ['12.5', '99.99', '1250']),
    ['too-fine', 'misread'],
  ),
  fine(
    'a tenth of a cent is rounded away, as usual for money',
    on('table', { unit: EURO, fraction: cents }, ['0.013', '4.999', '12.5']),
    ['misread'],
  ),
  fine(
    'whole euros in a budget of thousands',
    on('table', { unit: EURO, fraction: [0, 0] }, [1200, 5400, 880]),
  ),
  fine(
    'yen have no minor unit',
    on('table', { unit: { kind: 'currency', code: 'JPY' } }, ['0.6', 12, 340]),
    ['misread'],
  ),
  due(
    'two fees that cents cannot tell apart, though one is a quarter more',
    ['same-label', 'misread'],
    on('table', { unit: EURO, fraction: cents }, ['0.0081', '0.0102', '5']),
    [],
  ),
  due(
    'a fee of a tenth of a cent looks free',
    'vanished',
    on('table', { unit: EURO, fraction: cents }, ['0.001', '3.2', '8']),
  ),
  fine(
    'a budget axis in millions, whole steps',
    axis({ ...shared(6), unit: EURO, fraction: [0, 0] }, [0, 5e6], 1e6),
  ),
  due(
    'half millions without a decimal',
    ['step-hidden', 'same-label', 'uneven-steps', 'misread'],
    axis({ ...shared(6), unit: EURO, fraction: [0, 0] }, [0, 2e6], 5e5),
  ),
  fine(
    'one decimal tells half millions',
    axis({ ...shared(6), unit: EURO, fraction: [1, 1] }, [0, 2e6], 5e5),
  ),
  due(
    'two currencies signs for one amount',
    'said-twice',
    on('table', { unit: { kind: 'currency', code: 'USD' }, before: 'US$', fraction: cents }, [
      '10.5',
      '8.25',
    ]),
  ),
  due(
    'the unit stands in the text behind too',
    'said-twice',
    on('marks', { unit: symbol('kg'), after: ' kg' }, [12, 15]),
  ),
  fine(
    'a text before that is no unit',
    on('headline', { unit: EURO, before: 'about ', fraction: [0, 0] }, [1200]),
  ),
  due(
    'the title says millions, and so does each label',
    'said-twice',
    axis({ ...shared(6), fraction: [0, 0] }, [0, 5e6], 1e6, { title: 'Spending, million euros' }),
  ),
  fine(
    'the title says millions, the labels are bare',
    axis({ fraction: [0, 0] }, [0, 5], 1, { title: 'Spending, million euros' }),
  ),
  due(
    'thousands by title, and K on each label',
    'said-twice',
    on('table', { notation: 'scaled', fraction: [0, 1] }, [1500, 2700], {
      title: 'Budget in thousands',
    }),
  ),
  fine(
    'a title with the word of another thing',
    on('table', { notation: 'scaled', fraction: [0, 1] }, [1500, 2700], {
      title: 'Thousand Islands, visitors',
    }),
    ['said-twice'],
  ),
  due(
    'the euro sign in title and labels',
    'said-twice',
    on('table', { unit: EURO, fraction: [0, 0] }, [120, 45], { title: 'Price (€)' }),
  ),
  fine(
    'the euro sign in the labels alone',
    on('table', { unit: EURO, fraction: [0, 0] }, [120, 45], { title: 'Price' }),
  ),
  due(
    'a factor that nobody is told',
    'factor-unsaid',
    on('table', { factor: '0.001', fraction: [1, 1] }, [1500, 2700]),
  ),
  fine(
    'a factor with its unit',
    on('table', { factor: '0.001', unit: symbol('t'), fraction: [1, 1] }, [1500, 2700]),
  ),
  fine(
    'a factor whose unit the title says',
    on('table', { factor: '0.001', fraction: [1, 1] }, [1500, 2700], { title: 'Harvest (t)' }),
  ),
  due(
    'an exchange rate without a currency',
    'factor-unsaid',
    on('headline', { factor: '1.08', fraction: [0, 0] }, [950]),
  ),
  due(
    'a headline with every cent of a budget',
    'long-headline',
    on('headline', { unit: EURO, fraction: cents }, ['1739346.2']),
  ),
  fine(
    'a headline of three digits',
    on('headline', { notation: 'scaled', unit: EURO, fraction: [0, 2] }, ['1739346.2']),
    ['long-headline'],
  ),
  fine('a headline of four digits is kept', on('headline', { fraction: [0, 0] }, [2431]), [
    'long-headline',
  ]),
  due('a headline to the last inhabitant', 'long-headline', on('headline', {}, [8123456])),
  fine('round millions are few digits', on('headline', {}, [8000000]), ['long-headline']),
  due(
    'a growth rate that was multiplied already',
    'percent-scaled',
    on('table', { unit: PERCENT, fraction: [0, 0] }, [45, 12, 43], { kind: 'shares' }),
  ),
  due(
    'net change in parentheses typed around the label',
    'sign-in-text',
    on('table', { before: '(', after: ')', unit: EURO, fraction: [0, 0] }, [120, 45]),
  ),
  fine(
    'parentheses that belong to the style',
    on('table', { sign: 'parentheses', unit: EURO, fraction: [0, 0] }, [-120, 45]),
  ),
  due(
    'a minus typed before the label',
    'sign-in-text',
    on('table', { before: '-', fraction: [0, 0] }, [120, 45]),
  ),
  due(
    'a plus typed before the label',
    'sign-in-text',
    on('marks', { before: '+', fraction: [0, 0] }, [12, 45]),
  ),
  fine('a tilde before', on('marks', { before: '~', fraction: [0, 0] }, [12, 45])),
  due(
    'zeros typed behind: ten times too much',
    'sign-in-text',
    on('table', { after: '0' }, [12, 45]),
  ),
  due('decimals typed behind', 'sign-in-text', on('table', { after: '.0' }, [12, 45])),
  due('a digit typed before', 'sign-in-text', on('table', { before: '1' }, [12, 45])),
  fine('a footnote star behind', on('table', { after: '*' }, [12, 45])),
  fine(
    'a dash that ends a text with a word',
    on('table', { before: 'mid-', fraction: [0, 0] }, [12, 45]),
    ['sign-in-text'],
  ),
  fine(
    'parts that make their total',
    on('table', { unit: EURO, fraction: [0, 0] }, [120, 45, 35], {
      total: { coefficient: 200n, exponent: 0 },
    }),
  ),
  due(
    'rounded parts that miss their total',
    ['does-not-add-up', 'misread'],
    on('table', { ...shared(6), fraction: [0, 0] }, [1400000, 1400000, 1400000], {
      total: { coefficient: 4200000n, exponent: 0 },
    }),
    [],
  ),
  due(
    'K on one, M on another in a column',
    'mixed-rungs',
    on('table', { notation: 'scaled', fraction: [0, 1] }, [950000, 1200000, 3400000]),
  ),
  fine(
    'each mark its own rung',
    on('marks', { notation: 'scaled', fraction: [0, 1] }, [950000, 1200000, 3400000]),
  ),
  due(
    'a thousand millions in M',
    'rung-overflow',
    on('table', { ...shared(6), fraction: [0, 0] }, [1.2e9, 3.4e9]),
  ),
  due(
    'a free item is a dash that reads as nothing known',
    [],
    on('table', { zero: 'free', unit: EURO, fraction: cents }, [0, 5]),
    ['bound-untrue'],
  ),
  due('zero written as one', 'bound-untrue', on('table', { zero: '1' }, [0, 5])),
  fine('zero written as 0', on('table', { zero: '0', fraction: cents }, [0, 5])),
  due(
    'a missing price that reads as a price',
    'bound-untrue',
    on('table', { missing: '0', unit: EURO, fraction: cents }, ['12.5', 8]),
  ),
  fine('missing as n/a', on('table', { missing: 'n/a', unit: EURO, fraction: cents }, ['12.5', 8])),
]
