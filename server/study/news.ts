/** Who is told of a study's changes, by the study's id. */
const listeners = new Map<string, Set<() => void>>()
/** What ends the streams of news that are open. */
const open = new Set<() => void>()

/** Streams of news at once: each holds a connection. */
export const MOST_STREAMS = 200
export const openStreams = (): number => open.size

/**
 * Hears of each change of a study, until it is called off.
 *
 * @param end called where the server ends
 * @example const callOff = listenTo(id, push, () => stream.close())
 */
export function listenTo(id: string, hear: () => void, end: () => void): () => void {
  const those = listeners.get(id) ?? new Set()
  listeners.set(id, those.add(hear))
  open.add(end)
  return () => {
    open.delete(end)
    those.delete(hear)
    if (those.size === 0 && listeners.get(id) === those) listeners.delete(id)
  }
}

const OF_STUDY = /^\/api\/studies\/([^/?]+)/
/**
 * Tells those who listen that a request changed a study.
 *
 * @param path of the request; one that names no study changes none that somebody listens to
 */
export function tellOf(path: string): void {
  const id = OF_STUDY.exec(path)?.[1]
  if (id) for (const hear of listeners.get(id) ?? []) hear()
}

/** Ends all streams, so that the server can end. */
export function endNews(): void {
  for (const end of [...open]) end()
}
