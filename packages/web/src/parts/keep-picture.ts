import { api, dataOf } from '../api/client'

/** Keeps a picture on the server and gives its name. @throws ApiProblem where it is no picture, or too large. */
export async function keepPicture(given: Blob): Promise<string> {
  const bytes = given.type === 'image/webp' ? await asPng(given) : given
  const { id } = await dataOf(
    api.POST('/api/assets', {
      body: bytes as unknown as string,
      bodySerializer: () => bytes,
      headers: { 'content-type': 'application/octet-stream' },
    }),
  )
  return id
}

/** Print, documents and most course sites know PNG and not WebP. What cannot be drawn goes as it is. */
async function asPng(given: Blob): Promise<Blob> {
  try {
    const bitmap = await createImageBitmap(given)
    const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
    canvas.getContext('2d')?.drawImage(bitmap, 0, 0)
    return await canvas.convertToBlob({ type: 'image/png' })
  } catch {
    return given
  }
}
