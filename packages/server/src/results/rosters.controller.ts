import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Put } from '@nestjs/common'
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { KeepRosterDto, RosterDto } from './dto/taking-settings.dto.ts'
import { Roster } from './sitting.entity.ts'

/** Lists of people, kept by name; a name that is known is kept anew. */
@ApiTags('results')
@Controller('api/rosters')
export class RostersController {
  constructor(private readonly em: EntityManager) {}

  @Get()
  @ApiOkResponse({ type: [RosterDto] })
  async list(@CurrentPerson() { workspaceId }: SignedIn): Promise<RosterDto[]> {
    const rosters = await this.em.find(Roster, { workspaceId }, { orderBy: { name: 'asc' } })
    return rosters.map(({ id, name, people }) => ({ id, name, people: people.map((one) => ({ ...one })) }))
  }

  @Put()
  @ApiOkResponse({ type: [RosterDto] })
  async keep(@CurrentPerson() person: SignedIn, @Body() { name, people }: KeepRosterDto): Promise<RosterDto[]> {
    await this.em.upsert(
      Roster,
      {
        id: randomUUID(),
        workspaceId: person.workspaceId,
        name: name.trim(),
        people: people.map((one) => ({ ...one })),
      },
      { onConflictFields: ['workspaceId', 'name'], onConflictExcludeFields: ['id'] },
    )
    return this.list(person)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  async remove(@CurrentPerson() { workspaceId }: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    await this.em.nativeDelete(Roster, { id, workspaceId })
  }
}
