/** Which way text runs. */
export type Direction = 'rtl' | 'ltr'

/**
 * Languages and scripts that run from right to left: those whose likely script is one of Unicode's
 * right-to-left scripts (CLDR, likelySubtags).
 */
const RIGHT_TO_LEFT =
  /^(ar|ckb|dv|fa|he|ks|lrc|mzn|nqo|ps|sd|syr|ug|ur|yi)(?!-Latn)(-|$)|^(az|pa|uz|ms|ha)-Arab(-|$)/

/**
 * Which way a region's text runs.
 *
 * @example directionOf('ar-EG') // 'rtl'
 */
export const directionOf = (locale: string): Direction =>
  RIGHT_TO_LEFT.test(locale) ? 'rtl' : 'ltr'
