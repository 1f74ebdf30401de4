import { useStorage } from 'nitropack/runtime'

/** Folders that are built into the server; nuxt.config.ts names them. */
type AssetFolder = 'migrations' | 'demo' | 'runtime' | 'regions' | 'threads'

export const assetNames = (folder: AssetFolder): Promise<string[]> =>
  useStorage(`assets:${folder}`).getKeys()

/** A file of such a folder as text. @throws Error when it is not there */
export async function readAsset(folder: AssetFolder, name: string): Promise<string> {
  const found = await useStorage(`assets:${folder}`).getItemRaw<string | Uint8Array>(name)
  if (found === null || found === undefined)
    throw new Error(`the server was built without ${folder}/${name}; build it again`)
  return typeof found === 'string' ? found : Buffer.from(found).toString('utf8')
}
