import { api, dataOf } from '../api/client'

/** Keeps a picture on the server and gives its name. @throws ApiProblem where it is no picture, or too large. */
export async function keepPicture(bytes: Blob): Promise<string> {
  const { id } = await dataOf(
    api.POST('/api/assets', {
      body: bytes as unknown as string,
      bodySerializer: () => bytes,
      headers: { 'content-type': 'application/octet-stream' },
    }),
  )
  return id
}
