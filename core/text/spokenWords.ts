/**
 * What a language says for signs that CLDR has no words for: as school books of the language read
 * them aloud. Texts with a place for what they stand around have it as {0}.
 */
export interface SpokenWords {
  /** What stands between words. */
  readonly gap: string
  readonly about: string
  readonly minus: string
  readonly plus: string
  /** Between a value and its error, and between the ends of an interval. */
  readonly plusMinus?: string
  readonly to?: string
  readonly less: string
  readonly more: string
  /** A power of ten, by its exponent. */
  readonly power: string
  /** What stands between a number and a power or constant that it counts, where one does. */
  readonly times: string
  /** What stands between millions and what is counted, and before a vowel; null for nothing. */
  readonly ofMillions: readonly [string, string] | null
  /** What a multiple is divided by. */
  readonly over: string
  readonly infinity: string
  readonly zero: string
  readonly missing: string
  /** Constants by their symbols. */
  readonly constants: Readonly<Record<string, string>>
  /** Units by how they are written: of one, and of others. */
  readonly units: Readonly<Record<string, readonly [one: string, other: string]>>
}

const same = (word: string): readonly [string, string] => [word, word]

export const SPOKEN_WORDS: Readonly<Record<string, SpokenWords>> = {
  en: {
    gap: ' ',
    about: 'about {0}',
    minus: 'minus ',
    plus: 'plus ',
    plusMinus: 'plus or minus',
    to: 'to',
    less: 'less than {0}',
    more: 'more than {0}',
    power: '10 to the {0}',
    times: 'times ',
    ofMillions: null,
    over: 'over {0}',
    infinity: 'infinity',
    zero: 'zero',
    missing: 'no value',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('percent'),
      '‰': same('permille'),
      pp: ['percentage point', 'percentage points'],
      bp: ['basis point', 'basis points'],
    },
  },
  de: {
    gap: ' ',
    about: 'etwa {0}',
    minus: 'minus ',
    plus: 'plus ',
    plusMinus: 'plus/minus',
    to: 'bis',
    less: 'weniger als {0}',
    more: 'mehr als {0}',
    power: '10 hoch {0}',
    times: 'mal ',
    ofMillions: null,
    over: 'durch {0}',
    infinity: 'unendlich',
    zero: 'null',
    missing: 'kein Wert',
    constants: { π: 'Pi', τ: 'Tau' },
    units: {
      '%': same('Prozent'),
      '‰': same('Promille'),
      pp: ['Prozentpunkt', 'Prozentpunkte'],
      bp: ['Basispunkt', 'Basispunkte'],
    },
  },
  fr: {
    gap: ' ',
    about: 'environ {0}',
    minus: 'moins ',
    plus: 'plus ',
    plusMinus: 'plus ou moins',
    to: 'à',
    less: 'moins de {0}',
    more: 'plus de {0}',
    power: '10 puissance {0}',
    times: 'fois ',
    ofMillions: ['de ', 'd’'],
    over: 'sur {0}',
    infinity: 'l’infini',
    zero: 'zéro',
    missing: 'aucune valeur',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('pour cent'),
      '‰': same('pour mille'),
      pp: ['point de pourcentage', 'points de pourcentage'],
      bp: ['point de base', 'points de base'],
    },
  },
  es: {
    gap: ' ',
    about: 'aproximadamente {0}',
    minus: 'menos ',
    plus: 'más ',
    plusMinus: 'más menos',
    to: 'a',
    less: 'menos de {0}',
    more: 'más de {0}',
    power: '10 elevado a {0}',
    times: 'por ',
    ofMillions: ['de ', 'de '],
    over: 'entre {0}',
    infinity: 'infinito',
    zero: 'cero',
    missing: 'sin valor',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('por ciento'),
      '‰': same('por mil'),
      pp: ['punto porcentual', 'puntos porcentuales'],
      bp: ['punto básico', 'puntos básicos'],
    },
  },
  it: {
    gap: ' ',
    about: 'circa {0}',
    minus: 'meno ',
    plus: 'più ',
    plusMinus: 'più o meno',
    to: 'a',
    less: 'meno di {0}',
    more: 'più di {0}',
    power: '10 elevato a {0}',
    times: 'per ',
    ofMillions: ['di ', 'di '],
    over: 'fratto {0}',
    infinity: 'infinito',
    zero: 'zero',
    missing: 'nessun valore',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('per cento'),
      '‰': same('per mille'),
      pp: ['punto percentuale', 'punti percentuali'],
      bp: ['punto base', 'punti base'],
    },
  },
  pt: {
    gap: ' ',
    about: 'cerca de {0}',
    minus: 'menos ',
    plus: 'mais ',
    plusMinus: 'mais ou menos',
    to: 'a',
    less: 'menos de {0}',
    more: 'mais de {0}',
    power: '10 elevado a {0}',
    times: 'vezes ',
    ofMillions: ['de ', 'de '],
    over: 'sobre {0}',
    infinity: 'infinito',
    zero: 'zero',
    missing: 'sem valor',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('por cento'),
      '‰': same('por mil'),
      pp: ['ponto percentual', 'pontos percentuais'],
      bp: ['ponto-base', 'pontos-base'],
    },
  },
  nl: {
    gap: ' ',
    about: 'ongeveer {0}',
    minus: 'min ',
    plus: 'plus ',
    plusMinus: 'plus of min',
    to: 'tot',
    less: 'minder dan {0}',
    more: 'meer dan {0}',
    power: '10 tot de macht {0}',
    times: 'maal ',
    ofMillions: null,
    over: 'gedeeld door {0}',
    infinity: 'oneindig',
    zero: 'nul',
    missing: 'geen waarde',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('procent'),
      '‰': same('promille'),
      pp: ['procentpunt', 'procentpunten'],
      bp: ['basispunt', 'basispunten'],
    },
  },
  pl: {
    gap: ' ',
    about: 'około {0}',
    minus: 'minus ',
    plus: 'plus ',
    plusMinus: 'plus minus',
    to: 'do',
    less: 'mniej niż {0}',
    more: 'więcej niż {0}',
    power: '10 do potęgi {0}',
    times: 'razy ',
    ofMillions: null,
    over: 'przez {0}',
    infinity: 'nieskończoność',
    zero: 'zero',
    missing: 'brak wartości',
    constants: { π: 'pi', τ: 'tau' },
    units: {
      '%': same('procent'),
      '‰': same('promili'),
      pp: ['punkt procentowy', 'punktów procentowych'],
      bp: ['punkt bazowy', 'punktów bazowych'],
    },
  },
  ja: {
    gap: '',
    about: '約{0}',
    minus: 'マイナス',
    plus: 'プラス',
    plusMinus: 'プラスマイナス',
    to: 'から',
    less: '{0}未満',
    more: '{0}超',
    power: '10の{0}乗',
    times: 'かける',
    ofMillions: null,
    over: '割る{0}',
    infinity: '無限大',
    zero: 'ゼロ',
    missing: '値なし',
    constants: { π: 'パイ', τ: 'タウ' },
    units: {
      '%': same('パーセント'),
      '‰': same('パーミル'),
      pp: same('パーセントポイント'),
      bp: same('ベーシスポイント'),
    },
  },
}

/**
 * The words of a language; null where there are none: signs stand as they are written then.
 *
 * @param locale a BCP 47 tag
 * @example spokenWordsOf('de-AT')!.missing // 'kein Wert'
 */
export const spokenWordsOf = (locale: string): SpokenWords | null =>
  SPOKEN_WORDS[locale.split('-')[0]!.toLowerCase()] ?? null
