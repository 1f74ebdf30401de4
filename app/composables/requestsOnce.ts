import { request } from './request'

/**
 * Asks the server for things by their names, each once: what was asked for already comes from
 * there, unless it failed.
 *
 * @param addressOf where a thing of a name is
 */
export function requestsOnce(addressOf: (name: string, kind: string) => string) {
  const answers = new Map<string, Promise<unknown>>()
  function once<Answer>(address: string): Promise<Answer> {
    const answer = answers.get(address) ?? request<Answer>(address)
    answers.set(address, answer)
    answer.catch(() => answers.delete(address))
    return answer as Promise<Answer>
  }
  /** @throws ProblemError where one of them is not given */
  async function ask<Answer>(
    names: readonly string[],
    kind: string,
  ): Promise<Record<string, Answer>> {
    const entry = async (name: string) => [name, await once<Answer>(addressOf(name, kind))] as const
    return Object.fromEntries(await Promise.all([...new Set(names)].map(entry)))
  }
  return { ask }
}
