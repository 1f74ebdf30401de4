/** Work that waits for its turn. */
interface Waiting {
  readonly begin: () => void
  readonly move: (before: number) => void
}
/** Lets only so many pieces of work run at once; others wait in their order. */
export interface Queue {
  /**
   * Waits for a turn.
   *
   * @param move hears how many wait before it, each time that changes
   * @param ended ends the wait
   * @returns gives the turn to the next
   * @throws the signal's reason where it ended
   */
  turn(move: (before: number) => void, ended: AbortSignal): Promise<() => void>
}

/** @param most pieces of work that run at once */
export function queueOf(most: number): Queue {
  let running = 0
  const waiting: Waiting[] = []
  const told = () => waiting.forEach(({ move }, before) => move(before))
  function next(): void {
    if (running >= most) return
    const first = waiting.shift()
    if (!first) return
    running++
    first.begin()
    told()
  }
  return {
    turn: (move, ended) =>
      new Promise((begun, fail) => {
        const leave = () => {
          waiting.splice(waiting.indexOf(own), 1)
          told()
          fail(ended.reason as Error)
        }
        const own: Waiting = {
          move,
          begin() {
            ended.removeEventListener('abort', leave)
            let isOver = false
            begun(() => {
              if (isOver) return
              isOver = true
              running--
              next()
            })
          },
        }
        if (ended.aborted) return fail(ended.reason as Error)
        ended.addEventListener('abort', leave, { once: true })
        waiting.push(own)
        told()
        next()
      }),
  }
}
