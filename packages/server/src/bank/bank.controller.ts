import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put, Query } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../accounts/current-person.ts'
import { BankService } from './bank.service.ts'
import {
  ChangeItemDto,
  ItemDto,
  ItemPageDto,
  NewItemDto,
  RestoreDto,
  RevisionDto,
  SearchItemsDto,
  SetSignOffDto,
} from './dto/bank.dto.ts'

@ApiTags('bank')
@Controller('api/items')
export class BankController {
  constructor(private readonly bank: BankService) {}

  @Get()
  @ApiOkResponse({ type: ItemPageDto })
  search(@CurrentPerson() person: SignedIn, @Query() asked: SearchItemsDto): Promise<ItemPageDto> {
    return this.bank.search(person.workspaceId, asked)
  }

  @Post()
  @ApiCreatedResponse({ type: ItemDto })
  create(@CurrentPerson() person: SignedIn, @Body() given: NewItemDto): Promise<ItemDto> {
    return this.bank.create(person, given.body)
  }

  @Get(':id')
  @ApiOkResponse({ type: ItemDto })
  get(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ItemDto> {
    return this.bank.get(person.workspaceId, id)
  }

  @Put(':id')
  @ApiOkResponse({ type: ItemDto })
  change(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: ChangeItemDto,
  ): Promise<ItemDto> {
    return this.bank.change(person, id, given.body, given.revision)
  }

  @Put(':id/sign-off')
  @ApiOkResponse({ type: ItemDto })
  signOff(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: SetSignOffDto,
  ): Promise<ItemDto> {
    return this.bank.signOff(person, id, given.signedOff, given.remark ?? '')
  }

  @Get(':id/history')
  @ApiOkResponse({ type: [RevisionDto] })
  history(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<RevisionDto[]> {
    return this.bank.history(person.workspaceId, id)
  }

  @Post(':id/restore')
  @HttpCode(200)
  @ApiOkResponse({ type: ItemDto })
  restore(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: RestoreDto,
  ): Promise<ItemDto> {
    return this.bank.restore(person, id, given.number)
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiNoContentResponse()
  delete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.bank.setDeleted(person.workspaceId, id, true)
  }

  @Post(':id/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.bank.setDeleted(person.workspaceId, id, false)
  }
}
