import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Put, Query } from '@nestjs/common'
import { ApiCreatedResponse, ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { isItemBody } from '@zakuska/core'
import { CurrentPerson, type SignedIn } from '../access/current-person.ts'
import { BankService } from './bank.service.ts'
import { asItem } from './item-text.ts'
import { BulkService } from './bulk.service.ts'
import {
  BankFacetsDto,
  ChangeItemDto,
  ItemDto,
  ItemPageDto,
  NewItemDto,
  NewSavedFilterDto,
  NewVariantDto,
  RestoreDto,
  RevisionDto,
  SavedFilterDto,
  SearchItemsDto,
  SetSignOffDto,
  WaiveDto,
} from './dto/bank.dto.ts'
import { BankFilterDto } from './dto/filter.dto.ts'
import { NearAskedDto, NearFoundDto } from './dto/near.dto.ts'
import { ToTranslateDto, TranslatedDto, XliffDto } from './dto/translation.dto.ts'
import { BulkDto, BulkResultDto, RebalanceDto, UndoneDto } from './dto/bulk.dto.ts'
import { FiltersService } from './filters.service.ts'
import { TranslationsService } from './translations.service.ts'

@ApiTags('bank')
@Controller('api/items')
export class BankController {
  constructor(
    private readonly bank: BankService,
    private readonly bulk: BulkService,
    private readonly filters: FiltersService,
    private readonly translations: TranslationsService,
  ) {}

  @Get()
  @ApiOkResponse({ type: ItemPageDto })
  search(@CurrentPerson() person: SignedIn, @Query() asked: SearchItemsDto): Promise<ItemPageDto> {
    return this.bank.search(person.workspaceId, asked)
  }

  @Get('facets')
  @ApiOkResponse({ type: BankFacetsDto })
  facets(@CurrentPerson() person: SignedIn, @Query() filter: BankFilterDto): Promise<BankFacetsDto> {
    return this.bank.facets(person.workspaceId, filter)
  }

  @Get('filters')
  @ApiOkResponse({ type: [SavedFilterDto] })
  savedFilters(@CurrentPerson() person: SignedIn): Promise<SavedFilterDto[]> {
    return this.filters.list(person.workspaceId)
  }

  @Post('filters')
  @ApiCreatedResponse({ type: [SavedFilterDto] })
  saveFilter(@CurrentPerson() person: SignedIn, @Body() given: NewSavedFilterDto): Promise<SavedFilterDto[]> {
    return this.filters.save(person.workspaceId, given.name, given.filter)
  }

  @Delete('filters/:id')
  @ApiOkResponse({ type: [SavedFilterDto] })
  removeFilter(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<SavedFilterDto[]> {
    return this.filters.remove(person.workspaceId, id)
  }

  @Post('bulk')
  @HttpCode(200)
  @ApiOkResponse({ type: BulkResultDto })
  changeMany(@CurrentPerson() person: SignedIn, @Body() given: BulkDto): Promise<BulkResultDto> {
    return this.bulk.change(person, given)
  }

  @Post('rebalance')
  @HttpCode(200)
  @ApiOkResponse({ type: BulkResultDto })
  rebalance(@CurrentPerson() person: SignedIn, @Body() given: RebalanceDto): Promise<BulkResultDto> {
    return this.bulk.rebalance(person, given.ids)
  }

  @Post('bulk/:id/undo')
  @HttpCode(200)
  @ApiOkResponse({ type: UndoneDto })
  undoMany(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<UndoneDto> {
    return this.bulk.undo(person, id)
  }

  @Post('translations/out')
  @HttpCode(200)
  @ApiOkResponse({ type: XliffDto })
  async toTranslate(@CurrentPerson() person: SignedIn, @Body() given: ToTranslateDto): Promise<XliffDto> {
    return { text: await this.translations.write(person.workspaceId, given.ids, given.language) }
  }

  @Post('translations/back')
  @HttpCode(200)
  @ApiOkResponse({ type: TranslatedDto })
  translated(@CurrentPerson() person: SignedIn, @Body() given: XliffDto): Promise<TranslatedDto> {
    return this.translations.read(person, given.text)
  }

  @Post('near')
  @HttpCode(200)
  @ApiOkResponse({ type: [NearFoundDto], description: 'A list per body given' })
  async near(@CurrentPerson() person: SignedIn, @Body() given: NearAskedDto): Promise<NearFoundDto[]> {
    const found = await this.bank.near(
      person.workspaceId,
      given.bodies.map((body) => (isItemBody(body) ? body : null)),
    )
    return found.map((near) => ({ near }))
  }

  @Post()
  @ApiCreatedResponse({ type: ItemDto })
  create(@CurrentPerson() person: SignedIn, @Body() given: NewItemDto): Promise<ItemDto> {
    return this.bank.create(person, given.body, given.category)
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
    return this.bank.signOff(person, id, given)
  }

  @Put(':id/waiver')
  @ApiOkResponse({ type: ItemDto })
  waive(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: WaiveDto,
  ): Promise<ItemDto> {
    return this.bank.waive(person, id, given.code, given.reason)
  }

  @Get(':id/near')
  @ApiOkResponse({ type: NearFoundDto })
  async nearOne(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<NearFoundDto> {
    const item = await this.bank.find(person.workspaceId, id)
    const [near = []] = await this.bank.near(person.workspaceId, [item.body], id)
    return { near }
  }

  @Post(':id/variants')
  @ApiCreatedResponse({ type: ItemDto })
  addVariant(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: NewVariantDto,
  ): Promise<ItemDto> {
    return this.bank.addVariant(person, id, given.language, given.body && asItem(given.body))
  }

  @Post(':id/in-line')
  @HttpCode(200)
  @ApiOkResponse({ type: ItemDto })
  bringInLine(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<ItemDto> {
    return this.bank.bringInLine(person, id)
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
    return this.bank.setDeleted(person, id, true)
  }

  @Post(':id/undelete')
  @HttpCode(204)
  @ApiNoContentResponse()
  undelete(@CurrentPerson() person: SignedIn, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.bank.setDeleted(person, id, false)
  }
}
