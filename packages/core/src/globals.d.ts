// The two classes of the Encoding standard that every place core runs in has; nothing else of any platform is used.
declare class TextEncoder {
  encode(text: string): Uint8Array
  encodeInto(source: string, destination: Uint8Array): { read: number; written: number }
}
declare class TextDecoder {
  constructor(label?: string, options?: { readonly fatal?: boolean; readonly ignoreBOM?: boolean })
  decode(bytes: Uint8Array): string
}
