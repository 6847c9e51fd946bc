import type { Taking } from '../sitting.entity.ts'
import { ForbiddenException, UnprocessableEntityException } from '@nestjs/common'
import type { BeginDto } from './take.dto.ts'
import { fieldsOf, listedIn, sameCode } from './shown.ts'

/** A code of one's own that nobody guesses, in as many tries as there are. */
export const LEAST_CODE_SIGNS = 6

export function isShortCode(code: string): boolean {
  return code.replace(/[^a-z0-9]/gi, '').length < LEAST_CODE_SIGNS
}

/** What was filled in, each field at most 120 letters. @throws UnprocessableEntityException where one is open. */
export function filledIn(taking: Taking, fields: BeginDto['fields']): Record<string, string> {
  const asked = fieldsOf(taking)
  const entry = (name: string): string =>
    String(fields[name] ?? '')
      .trim()
      .slice(0, 120)
  const given = Object.fromEntries(asked.map((name) => [name, entry(name)]))
  const open = asked.filter((name) => !given[name])
  if (open.length) throw new UnprocessableEntityException(`Fill in ${open.join(', ')}.`)
  return given
}

/** Who it is by the list; null where anyone may begin. @throws ForbiddenException where the list does not have them so. */
export function whoBegins(taking: Taking, given: Readonly<Record<string, string>>, own: BeginDto['code']) {
  if (taking.who === 'anyone') return null
  const listed = listedIn(taking, given)
  if (!listed) throw new ForbiddenException('This name is not on the list. Write it as your teacher has it.')
  if (taking.who === 'code' && !sameCode(listed.code ?? '', own))
    throw new ForbiddenException('This code does not belong to this name. Look at it once more.')
  return listed
}
