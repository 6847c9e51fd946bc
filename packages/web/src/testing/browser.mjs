import { TestEnvironment } from 'jest-environment-jsdom'

const ORIGIN = 'http://localhost'

/** The pretended browser, with what every browser has and it lacks: from Node.js. */
export default class Browser extends TestEnvironment {
  async setup() {
    await super.setup()
    Object.assign(this.global, {
      ...{ Headers, Response, TextDecoder, TextEncoder, structuredClone },
      // Addresses are relative to the page in a browser.
      Request: class extends Request {
        constructor(input, options) {
          super(typeof input === 'string' ? new URL(input, ORIGIN) : input, options)
        }
      },
      // `answering()` takes its place.
      fetch: (request) =>
        this.global.zakuskaAnswers?.(request) ?? Promise.reject(new Error(`Nobody answers ${request.url}.`)),
      ResizeObserver: class {
        observe() {}
        unobserve() {}
        disconnect() {}
      },
      IS_REACT_ACT_ENVIRONMENT: true,
    })
    // It lays nothing out: text has no place.
    this.global.Range.prototype.getClientRects = () => []
    this.global.Range.prototype.getBoundingClientRect = () => new this.global.DOMRect()
    this.global.Element.prototype.scrollIntoView = () => undefined
    this.global.Element.prototype.hasPointerCapture = () => false
    this.global.Element.prototype.setPointerCapture = () => undefined
    this.global.Element.prototype.releasePointerCapture = () => undefined
  }
}
