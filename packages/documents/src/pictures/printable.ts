import type { Assets } from '@zakuska/core'
import { PackageError } from '../common/zip.ts'
import { checkPicture } from './check-picture.ts'

/** The pictures that can be printed, in kinds that print takes; a broken one is left out, and its description stands for it. */
export async function printablePictures(assets: Assets): Promise<Assets> {
  const printable = new Map<string, Uint8Array>()
  for (const [name, bytes] of assets)
    try {
      printable.set(name, (await checkPicture(bytes, 'png')).bytes)
    } catch (error) {
      if (!(error instanceof PackageError)) throw error
    }
  return printable
}
