// How each region sets a clock: durations and the word for days by CLDR's units, times of day by
// the platform's own CLDR.

const PLACE = /h+|m+|s+/gi
/** A pattern of CLDR's as tokens: places as they are, texts behind an apostrophe. */
function tokensOf(pattern) {
  const tokens = []
  let end = 0
  for (const { 0: place, index } of pattern.matchAll(PLACE)) {
    if (index > end) tokens.push(`'${pattern.slice(end, index)}`)
    tokens.push(place)
    end = index + place.length
  }
  return tokens
}

const HOURS = Array.from({ length: 24 }, (_, hour) => hour)
const HALF = 12
/** A day whose minutes and seconds no other part of it has. */
const at = (hour) => new Date(Date.UTC(2024, 0, 1, hour, 6, 7))
/** Which letter tells hours of this cycle, in CLDR's patterns. */
const CYCLES = { h12: 'h', h23: 'H' }

/** A place as wide as its digits. */
const placed = (letter, digits) => letter.repeat(Array.from(digits).length)

/**
 * A time of day as tokens, with its part of the day as `a`.
 * @returns null where the platform does not know the region
 */
function timeOf(locale, hasSeconds) {
  if (Intl.DateTimeFormat.supportedLocalesOf(locale).length === 0) return null
  const format = new Intl.DateTimeFormat(locale, {
    timeStyle: hasSeconds ? 'medium' : 'short',
    timeZone: 'UTC',
  })
  const letter = CYCLES[format.resolvedOptions().hourCycle]
  if (!letter) throw new Error(`${locale}: hours of ${format.resolvedOptions().hourCycle}`)
  const made = {
    hour: (value) => placed(letter, value),
    minute: (value) => placed('m', value),
    second: (value) => placed('s', value),
    dayPeriod: () => 'a',
    literal: (value) => `'${value}`,
  }
  const parts = (hour) => format.formatToParts(at(hour))
  return {
    tokens: parts(5).map(({ type, value }) => made[type](value)),
    periods: HOURS.map((hour) => parts(hour).find(({ type }) => type === 'dayPeriod')?.value),
  }
}

/** The texts of the two halves of a day, or of each hour; null where hours go to 23. */
function periodsOf(all) {
  if (all[0] === undefined) return null
  const halves = [all[0], all[HALF]]
  return all.every((one, hour) => one === halves[hour < HALF ? 0 : 1]) ? halves : all
}

const DAYS = 'unitPattern-count-'

/**
 * @param units of the region in CLDR's JSON
 * @returns patterns by their form
 */
export function clockOf(locale, units) {
  const duration = (type) => tokensOf(units[`durationUnit-type-${type}`].durationUnitPattern)
  const [short, long] = [timeOf(locale, false), timeOf(locale, true)]
  const hm = duration('hm')
  const hms = duration('hms')
  return {
    durations: { 'h:mm': hm, 'h:mm:ss': hms, 'm:ss': duration('ms') },
    times: { 'h:mm': short?.tokens ?? hm, 'h:mm:ss': long?.tokens ?? hms },
    periods: short && periodsOf(short.periods),
    days: Object.fromEntries(
      Object.entries(units.narrow['duration-day'])
        .filter(([key]) => key.startsWith(DAYS))
        .map(([key, pattern]) => [key.slice(DAYS.length), pattern]),
    ),
  }
}
