import { setNonce } from 'get-nonce'

/** The word by which the page says that a style element put in while it runs is its own; empty where none is asked for. */
export const STYLE_NONCE = document.querySelector<HTMLMetaElement>('meta[name="style-nonce"]')?.content ?? ''

if (STYLE_NONCE) setNonce(STYLE_NONCE)
