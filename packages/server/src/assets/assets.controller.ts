import { randomUUID } from 'node:crypto'
import { EntityManager } from '@mikro-orm/postgresql'
import { BadRequestException, Controller, Get, Param, ParseUUIDPipe, Post, Req, Res } from '@nestjs/common'
import { ApiBody, ApiConsumes, ApiCreatedResponse, ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { orNotFound } from '../http/id.ts'
import { Asset } from './asset.entity.ts'
import { WorkService } from '../work/work.service.ts'
import { MOST_PICTURE_BYTES, pictureType } from './picture-type.ts'
import { demandRoom } from './room.ts'

const YEAR_SECONDS = 31_536_000
const DAY_SECONDS = 86_400

export class AssetDto {
  @ApiProperty()
  id!: string
}

@ApiTags('assets')
@Controller('api/assets')
export class AssetsController {
  constructor(
    private readonly em: EntityManager,
    private readonly work: WorkService,
  ) {}

  @Post()
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: AssetDto })
  async keep(@CurrentPerson() person: SignedIn, @Req() request: Request): Promise<AssetDto> {
    const body: unknown = request.body
    if (!Buffer.isBuffer(body) || body.length === 0 || body.length > MOST_PICTURE_BYTES)
      throw new BadRequestException('A picture has at most 5 MB, and is sent as application/octet-stream.')
    if (!pictureType(body)) throw new BadRequestException('This is no PNG, JPEG, GIF or WebP picture.')
    const { type, bytes } = await this.work.run('checkPicture', new Uint8Array(body))
    await demandRoom(this.em, person.workspaceId, bytes.length)
    const asset = this.em.create(Asset, {
      id: randomUUID(),
      workspaceId: person.workspaceId,
      type,
      bytes: Buffer.from(bytes),
      createdAt: new Date(),
    })
    await this.em.flush()
    return { id: asset.id }
  }

  @Get(':id')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async get(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Res() response: Response,
  ): Promise<void> {
    const asset = orNotFound(
      await this.em.findOne(Asset, { id, workspaceId: person.workspaceId }, { populate: ['bytes'] }),
      'picture',
    )
    response
      .set({ 'content-type': asset.type, 'cache-control': `private, max-age=${YEAR_SECONDS}, immutable` })
      .send(asset.bytes)
  }
}

/** Pictures to which links were sent: no sign-in is asked for, and nothing that was not sent is shown. */
@ApiTags('assets')
@Controller('pictures')
export class PicturesController {
  constructor(private readonly em: EntityManager) {}

  @Get(':id')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async get(@Param('id', ParseUUIDPipe) id: string, @Res() response: Response): Promise<void> {
    const asset = orNotFound(await this.em.findOne(Asset, { id, isPublic: true }, { populate: ['bytes'] }), 'picture')
    response.set({ 'content-type': asset.type, 'cache-control': `public, max-age=${DAY_SECONDS}` }).send(asset.bytes)
  }
}
