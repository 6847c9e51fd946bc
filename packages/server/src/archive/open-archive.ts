import { FormatError } from '@zakuska/core'
import { unpackZip, type ZipEntry } from '@zakuska/documents'
import { plainToInstance } from 'class-transformer'
import { validate, type ValidationError } from 'class-validator'
import { ArchiveDto, MAIN_FILE, PICTURES } from './archive.dto.ts'
import { problemIn } from '../http/bodies.ts'

export interface OpenedArchive {
  readonly archive: ArchiveDto
  /** By the names that items give them. */
  readonly pictures: Map<string, Uint8Array>
}

/** @throws FormatError where it is no archive, or something in it is not as it should be. */
export async function openArchive(bytes: Uint8Array): Promise<OpenedArchive> {
  const files = unpackZip(bytes)
  const main = files.find(({ path }) => path === MAIN_FILE)
  if (!main) throw new FormatError('This is no archive of a workspace: workspace.json is missing.')
  const given = parsed(new TextDecoder().decode(main.bytes))
  const letters = problemIn(given, 'The archive')
  if (letters) throw new FormatError(letters)
  const archive = plainToInstance(ArchiveDto, given)
  const [problem] = await validate(archive, { whitelist: true })
  if (problem) throw new FormatError(`The archive cannot be taken in: ${firstOf(problem)}.`)
  const bare = archive.items.find(({ history }) => !history.length)
  if (bare) throw new FormatError('The archive cannot be taken in: an item of it has no text.')
  return { archive, pictures: picturesIn(files) }
}

function picturesIn(files: readonly ZipEntry[]): Map<string, Uint8Array> {
  return new Map(
    files.flatMap(({ path, bytes }): [string, Uint8Array][] =>
      path.startsWith(PICTURES) ? [[path.slice(PICTURES.length), bytes]] : [],
    ),
  )
}

function parsed(text: string): object {
  try {
    const found: unknown = JSON.parse(text)
    if (typeof found === 'object' && found !== null && !Array.isArray(found)) return found
  } catch {
    // Said below.
  }
  throw new FormatError('This is no archive of a workspace: workspace.json cannot be read.')
}

function firstOf(problem: ValidationError, path = ''): string {
  const here = path ? `${path}.${problem.property}` : problem.property
  const [inner] = problem.children ?? []
  return inner ? firstOf(inner, here) : `${here}: ${Object.values(problem.constraints ?? {})[0] ?? 'is not right'}`
}
