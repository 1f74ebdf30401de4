/**
 * The mix of numbers that labels are timed on: a third log-uniform over 1e-3 to 1e13, a third whole
 * numbers, a third money with cents; the same ones each time.
 */
export function mixOf(count) {
  let state = 7
  const random = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
  return Array.from({ length: count }, (_, at) => {
    if (at % 3 === 0) return 10 ** (random() * 16 - 3)
    return at % 3 === 1
      ? Math.floor(10 ** (random() * 12))
      : Math.round(10 ** (random() * 9) * 100) / 100
  })
}
export const median = (times) => [...times].sort((a, b) => a - b)[times.length >> 1]
