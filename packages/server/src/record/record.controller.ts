import { Controller, Get, Query } from '@nestjs/common'
import { ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { RecordPageDto, RecordQuery } from './record.dto.ts'
import { RecordService } from './record.service.ts'

@ApiTags('record')
@Controller('api/workspace/record')
export class RecordController {
  constructor(private readonly record: RecordService) {}

  @Get()
  @ApiOkResponse({ type: RecordPageDto })
  search(@CurrentPerson() person: SignedIn, @Query() asked: RecordQuery): Promise<RecordPageDto> {
    return this.record.search(person.workspaceId, asked.text ?? '', asked.before ?? null)
  }
}
