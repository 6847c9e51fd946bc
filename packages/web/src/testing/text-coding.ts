import { TextDecoder, TextEncoder } from 'node:util'

// The pretended browser of the tests lacks what every browser has.
Object.assign(globalThis, {
  TextDecoder: globalThis.TextDecoder ?? TextDecoder,
  TextEncoder: globalThis.TextEncoder ?? TextEncoder,
})
