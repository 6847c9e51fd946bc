import { existsSync, readFileSync } from 'node:fs'
import { homedir } from 'node:os'
import { join } from 'node:path'
import { NotationError, parseNotation, type Notation } from '@zakuska/core'

/** Where notations are kept by name for the command: a file each, as the desk hands it out. */
export function notationFolder(environment: NodeJS.ProcessEnv = process.env): string {
  const kept = environment['XDG_CONFIG_HOME'] ?? join(homedir(), '.config')
  return join(kept, 'zakuska', 'notations')
}

/**
 * A notation by the name of its file, or by its own name in the folder of notations.
 *
 * @throws NotationError with one sentence where there is none, or it is not one.
 */
export function findNotation(named: string, folder: string = notationFolder()): Notation {
  const file = [named, join(folder, named), join(folder, `${named}.json`)].find((one) => existsSync(one))
  if (file === undefined)
    throw new NotationError(`There is no file “${named}”, and no notation of that name in ${folder}.`)
  try {
    return parseNotation(JSON.parse(readFileSync(file, 'utf8')))
  } catch (error) {
    if (error instanceof NotationError) throw new NotationError(`${named}: ${error.message}`)
    throw new NotationError(`${named} holds no notation.`)
  }
}
