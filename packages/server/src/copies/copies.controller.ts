import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import {
  CopiedDto,
  CopyLinkDto,
  CopyPreviewDto,
  NewCopyLinkDto,
  NewCopyLinkMadeDto,
  ReadyMadeSetDto,
} from './copies.dto.ts'
import { CopiesService } from './copies.service.ts'

@ApiTags('copies')
@Controller('api/copies')
export class CopiesController {
  constructor(private readonly copies: CopiesService) {}

  @Get()
  @ApiOkResponse({ type: [CopyLinkDto] })
  list(@CurrentPerson() person: SignedIn): Promise<CopyLinkDto[]> {
    return this.copies.list(person.workspaceId)
  }

  @Post()
  @ApiCreatedResponse({ type: NewCopyLinkMadeDto })
  make(@CurrentPerson() person: SignedIn, @Body() given: NewCopyLinkDto): Promise<NewCopyLinkMadeDto> {
    return this.copies.make(person, given)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  takeBack(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.copies.takeBack(person, id)
  }

  @Get('ready-made')
  @ApiOkResponse({ type: [ReadyMadeSetDto] })
  readyMade(@CurrentPerson() person: SignedIn): Promise<ReadyMadeSetDto[]> {
    return this.copies.readyMade(person.workspaceId)
  }

  @Get('by-link/:token')
  @ApiOkResponse({ type: CopyPreviewDto })
  preview(@Param('token') token: string): Promise<CopyPreviewDto> {
    return this.copies.preview(token)
  }

  @Post('by-link/:token')
  @ApiCreatedResponse({ type: CopiedDto })
  copy(@CurrentPerson() person: SignedIn, @Param('token') token: string): Promise<CopiedDto> {
    return this.copies.copy(person, token)
  }
}
