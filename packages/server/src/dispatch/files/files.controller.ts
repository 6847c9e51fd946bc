import { Controller, Get, Param, ParseUUIDPipe, Query, Req, Res } from '@nestjs/common'
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import { CurrentPerson, type SignedIn } from '../../access/current-person.ts'
import { originOf } from '../../http/origin.ts'
import { DownloadQuery, FileProofDto } from './files.dto.ts'
import { FilesService } from './files.service.ts'

@ApiTags('dispatch')
@Controller('api/papers')
export class PaperFilesController {
  constructor(private readonly files: FilesService) {}

  @Get(':id/file')
  @ApiProduces('application/octet-stream')
  async download(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: DownloadQuery,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    const file = await this.files.download(person.workspaceId, id, asked, originOf(request))
    response.type(file.type).attachment(file.fileName).send(Buffer.from(file.bytes))
  }

  @Get(':id/proof')
  @ApiOkResponse({ type: [FileProofDto] })
  proof(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Query() asked: DownloadQuery,
    @Req() request: Request,
  ): Promise<FileProofDto[]> {
    return this.files.proof(person.workspaceId, id, asked, originOf(request))
  }
}
