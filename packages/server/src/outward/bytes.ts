/** Node's streams of fetch can be walked, which their type does not say. */
export function bytesOf({ body }: globalThis.Response): AsyncIterable<Uint8Array> {
  return (body ?? []) as unknown as AsyncIterable<Uint8Array>
}
