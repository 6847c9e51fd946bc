import { Body, Controller, Get, Param, ParseUUIDPipe, Put } from '@nestjs/common'
import { ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { OutcomeDto, OutcomesFileDto, ProposalDto } from './dto/outcomes.dto.ts'
import { OutcomesService } from './outcomes.service.ts'

@ApiTags('outcomes')
@Controller('api/outcomes')
export class OutcomesController {
  constructor(private readonly outcomes: OutcomesService) {}

  @Get()
  @ApiOkResponse({ type: [OutcomeDto] })
  list(@CurrentPerson() person: SignedIn): Promise<OutcomeDto[]> {
    return this.outcomes.list(person.workspaceId)
  }

  @Put()
  @ApiOkResponse({ type: [OutcomeDto] })
  replace(@CurrentPerson() person: SignedIn, @Body() given: OutcomesFileDto): Promise<OutcomeDto[]> {
    return this.outcomes.replace(person.workspaceId, given.text)
  }

  @Get('proposals/:itemId')
  @ApiOkResponse({ type: [ProposalDto] })
  proposals(@CurrentPerson() person: SignedIn, @Param('itemId', ParseUUIDPipe) itemId: string): Promise<ProposalDto[]> {
    return this.outcomes.proposals(person.workspaceId, itemId)
  }
}
