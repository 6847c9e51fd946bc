import { Controller, Get, HttpCode, Param, ParseUUIDPipe, Post, Res } from '@nestjs/common'
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { CurrentPerson, type SignedIn } from '../accounts/current-person.ts'
import { ResultsDto } from './dto/results.dto.ts'
import { ResultsService } from './results.service.ts'

@ApiTags('results')
@Controller('api/deliveries/:id/results')
export class ResultsController {
  constructor(private readonly results: ResultsService) {}

  @Get()
  @ApiOkResponse({ type: ResultsDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ResultsDto> {
    return this.results.get(person.workspaceId, id)
  }

  @Post('fetch')
  @HttpCode(200)
  @ApiOkResponse({ type: ResultsDto })
  fetch(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ResultsDto> {
    return this.results.fetch(person.workspaceId, id)
  }

  @Get('sheet.csv')
  @ApiProduces('text/csv')
  async sheet(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Res() response: Response,
  ): Promise<void> {
    response
      .type('text/csv; charset=utf-8')
      .attachment('results.csv')
      .send(await this.results.csv(person.workspaceId, id))
  }
}
