import { newKey, request } from '~/composables/request'

/** How often the server is asked how far it is, in milliseconds. */
const ASKED_EVERY = 400

/** A table on its way into the data: how far the server is with it, and its end before that. */
export function useBringing() {
  /** From 0 to 1; null where nothing is on its way. */
  const done = ref<number | null>(null)
  let key = ''

  async function look() {
    const job = await request<{ done: number }>(`/api/jobs/${key}`).catch(() => null)
    if (job && done.value !== null) done.value = job.done
  }
  /** @param send sends the table with the key that it is given */
  async function bring<Answer>(send: (key: string) => Promise<Answer>): Promise<Answer> {
    key = newKey()
    done.value = 0
    const asking = setInterval(look, ASKED_EVERY)
    try {
      return await send(key)
    } finally {
      clearInterval(asking)
      done.value = null
    }
  }
  const cancel = () => request(`/api/jobs/${key}`, {}, 'DELETE').catch(() => null)
  return { done, bring, cancel }
}
