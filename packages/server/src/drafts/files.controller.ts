import {
  BadRequestException,
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Req,
  Res,
} from '@nestjs/common'
import { ApiBody, ApiConsumes, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { ColumnLayoutDto, NewColumnLayoutDto, OpenedFileDto } from './dto/opened-file.dto.ts'
import { FilesService } from './files.service.ts'

@ApiTags('files')
@Controller('api/files')
export class FilesController {
  constructor(private readonly files: FilesService) {}

  @Post()
  @HttpCode(200)
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOkResponse({ type: OpenedFileDto })
  async open(@CurrentPerson() person: SignedIn, @Req() request: Request, @Res() response: Response): Promise<void> {
    const body: unknown = request.body
    if (!Buffer.isBuffer(body)) throw new BadRequestException('Send the file as it is, as application/octet-stream.')
    const json = await this.files.open(person.workspaceId, new Uint8Array(body))
    response.type('json').send(Buffer.from(json))
  }

  @Get('layouts')
  @ApiOkResponse({ type: [ColumnLayoutDto] })
  layouts(@CurrentPerson() person: SignedIn): Promise<ColumnLayoutDto[]> {
    return this.files.layouts(person.workspaceId)
  }

  @Put('layouts')
  @ApiOkResponse({ type: ColumnLayoutDto })
  keepLayout(@CurrentPerson() person: SignedIn, @Body() given: NewColumnLayoutDto): Promise<ColumnLayoutDto> {
    return this.files.keepLayout(person.workspaceId, given)
  }

  @Delete('layouts/:id')
  @HttpCode(204)
  @ApiNoContentResponse()
  deleteLayout(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.files.deleteLayout(person.workspaceId, id)
  }
}
