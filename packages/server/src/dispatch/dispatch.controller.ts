import { Body, Controller, Get, HttpCode, Param, ParseUUIDPipe, Post, Put, Query, Res } from '@nestjs/common'
import { ApiCreatedResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { CurrentPerson, type SignedIn } from '../accounts/current-person.ts'
import { DispatchService } from './dispatch.service.ts'
import {
  ConnectionDto,
  DeliveryDto,
  DeliverySummaryDto,
  DownloadQuery,
  FileProofDto,
  SendDto,
  SetConnectionDto,
} from './dto/dispatch.dto.ts'

@ApiTags('dispatch')
@Controller('api')
export class DispatchController {
  constructor(private readonly dispatch: DispatchService) {}

  @Get('connections/breakwater')
  @ApiOkResponse({ type: ConnectionDto })
  connection(@CurrentPerson() person: SignedIn): Promise<ConnectionDto> {
    return this.dispatch.connection(person.workspaceId)
  }

  @Put('connections/breakwater')
  @ApiOkResponse({ type: ConnectionDto })
  setConnection(@CurrentPerson() person: SignedIn, @Body() given: SetConnectionDto): Promise<ConnectionDto> {
    return this.dispatch.setConnection(person.workspaceId, given.url, given.token)
  }

  @Get('papers/:id/file')
  @ApiProduces('application/octet-stream')
  async download(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: DownloadQuery,
    @Res() response: Response,
  ): Promise<void> {
    const file = await this.dispatch.download(person.workspaceId, id, asked)
    response.type(file.type).attachment(file.fileName).send(Buffer.from(file.bytes))
  }

  @Get('papers/:id/proof')
  @ApiOkResponse({ type: [FileProofDto] })
  proof(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: DownloadQuery,
  ): Promise<FileProofDto[]> {
    return this.dispatch.proof(person.workspaceId, id, asked)
  }

  @Post('deliveries')
  @ApiCreatedResponse({ type: DeliveryDto })
  send(@CurrentPerson() person: SignedIn, @Body() asked: SendDto): Promise<DeliveryDto> {
    return this.dispatch.send(person, asked)
  }

  @Get('deliveries')
  @ApiOkResponse({ type: [DeliverySummaryDto] })
  list(@CurrentPerson() person: SignedIn): Promise<DeliverySummaryDto[]> {
    return this.dispatch.list(person.workspaceId)
  }

  @Get('deliveries/:id')
  @ApiOkResponse({ type: DeliveryDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DeliveryDto> {
    return this.dispatch.get(person.workspaceId, id)
  }

  @Post('deliveries/:id/retry')
  @HttpCode(200)
  @ApiOkResponse({ type: DeliveryDto })
  retry(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<DeliveryDto> {
    return this.dispatch.retry(person.workspaceId, id)
  }
}
