import { BadRequestException, Controller, Get, Post, Req, StreamableFile } from '@nestjs/common'
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger'
import type { Request } from 'express'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { TakenInDto } from './archive.dto.ts'
import { ArchiveService } from './archive.service.ts'

@ApiTags('workspace')
@Controller('api')
export class ArchiveController {
  constructor(private readonly archives: ArchiveService) {}

  @Get('workspace/archive')
  @ApiProduces('application/zip')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async write(@CurrentPerson() person: SignedIn): Promise<StreamableFile> {
    const bytes = await this.archives.write(person)
    return new StreamableFile(bytes, { type: 'application/zip', disposition: 'attachment; filename="workspace.zip"' })
  }

  @Post('workspaces/archive')
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: TakenInDto })
  takeIn(@CurrentPerson() person: SignedIn, @Req() request: Request): Promise<TakenInDto> {
    const body: unknown = request.body
    if (!Buffer.isBuffer(body)) throw new BadRequestException('Send the archive as it is, as application/octet-stream.')
    return this.archives.takeIn(person, new Uint8Array(body))
  }
}
