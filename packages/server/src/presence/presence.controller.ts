import { EntityManager } from '@mikro-orm/postgresql'
import { Body, Controller, HttpCode, Post } from '@nestjs/common'
import { ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { HereDto, OthersHereDto } from './presence.dto.ts'

/** Whoever was not heard of for so long is gone; the web application says that it is there three times as often. */
const GONE_AFTER = '35 seconds'

@ApiTags('presence')
@Controller('api/presence')
export class PresenceController {
  constructor(private readonly em: EntityManager) {}

  /** Says that one has something open, and hears who else has. */
  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: OthersHereDto })
  async here(@CurrentPerson() { id, name, workspaceId }: SignedIn, @Body() { place }: HereDto): Promise<OthersHereDto> {
    await this.em.execute(
      `insert into presence (workspace_id, place, person_id, name, seen_at) values (?, ?, ?, ?, now())
       on conflict (place, person_id, workspace_id) do update set seen_at = now(), name = excluded.name`,
      [workspaceId, place, id, name],
    )
    const rows = await this.em.execute<{ name: string }[]>(
      `select name from presence where workspace_id = ? and place = ? and person_id <> ?
       and seen_at > now() - interval '${GONE_AFTER}' order by lower(name)`,
      [workspaceId, place, id],
    )
    return { others: rows.map(({ name: other }) => other) }
  }
}
