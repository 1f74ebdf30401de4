import { request } from './request'

/**
 * Notes that something was taken away of a study as it stands, so that this revision is kept: what
 * was taken away is there, whether that is noted or not.
 */
export const noteTaken = async (id: string, revision: number): Promise<void> => {
  await request(`/api/studies/${id}/revisions/${revision}`, { taken: true }, 'PUT').catch(
    () => null,
  )
}
