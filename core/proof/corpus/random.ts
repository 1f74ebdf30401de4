/** Numbers that look random and are the same in every run: a xorshift of 32 bits (Marsaglia 2003). */
export interface Random {
  next(): number
  whole(below: number): number
  pick<One>(all: readonly One[]): One
}
export function randomFrom(seed: number): Random {
  let state = seed * 2654435761 || 1
  const next = () => {
    state ^= state << 13
    state ^= state >>> 17
    state ^= state << 5
    return (state >>> 0) / 2 ** 32
  }
  for (let i = 0; i < 8; i++) next()
  const wholeBelow = (below: number) => Math.floor(next() * below)
  return { next, whole: wholeBelow, pick: (all) => all[wholeBelow(all.length)]! }
}
