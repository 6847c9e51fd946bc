import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

/** A made-up text of `packages/server/demo`, beside the sources and what is built of them. */
export function demoText(name: string): string {
  return readFileSync(fileURLToPath(new URL(`../../demo/${name}`, import.meta.url)), 'utf8')
}
