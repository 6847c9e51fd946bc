import { EntityManager } from '@mikro-orm/postgresql'
import { ConflictException, Injectable } from '@nestjs/common'
import type { SignedIn } from '../../access/current-person.ts'
import { orNotFound } from '../../http/id.ts'
import { RecordService } from '../../record/record.service.ts'
import type { SittingDto } from '../dto/sittings.dto.ts'
import { Attempt } from '../sitting.entity.ts'
import { SittingsService } from '../sittings.service.ts'

/** Going on with an attempt on another device than the one that it was begun on. */
@Injectable()
export class MovingService {
  constructor(
    private readonly em: EntityManager,
    private readonly sittings: SittingsService,
    private readonly record: RecordService,
  ) {}

  /** Lets somebody who has begun go on on another device, once. */
  async letMove(person: SignedIn, id: string, attemptId: string): Promise<SittingDto> {
    const sitting = await this.sittings.find(person.workspaceId, id)
    const attempt = orNotFound(
      await this.em.findOne(Attempt, { id: attemptId, sittingId: sitting.id, isHandedIn: false }),
      'attempt',
    )
    attempt.mayMove = true
    this.record.note(person, 'graded', `let ${attempt.student} go on with “${sitting.title}” on another device`)
    await this.em.flush()
    return this.sittings.get(person.workspaceId, id)
  }
}

/**
 * The attempt goes on on this device, and no longer on the other.
 *
 * @throws ConflictException where it was begun on another one and the teacher has not given leave.
 */
export function takeOver(attempt: Attempt, device: string, tokenHash: string): void {
  if (!attempt.mayMove && (attempt.device === null || attempt.device !== device))
    throw new ConflictException(
      'You have begun on another device. Go on there, type the code to go on that you were shown there, or ask your teacher to let you go on here.',
    )
  Object.assign(attempt, { tokenHash, device: device || null, mayMove: false })
}
