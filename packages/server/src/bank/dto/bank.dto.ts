import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { CHECK_CODES, type CheckCode } from '@zakuska/core'
import { SHARE_BANDS, SORTS, TELLING_BANDS } from '../bank-filter.ts'
import type { BankFilter, BankSort, ShareBand, TellingBand } from '../bank-filter.ts'

const YES_NO = ['yes', 'no'] as const
const ANY_OBJECT = { type: 'object', additionalProperties: true } as const

/** What the bank is narrowed by; every field is optional. */
export class BankFilterDto implements BankFilter {
  @ApiPropertyOptional({ description: 'Words, each matched at its start or by its stem; "a phrase"; -without' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  text?: string

  @ApiPropertyOptional({ description: 'Items in it, and in what lies under it' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  category?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(40)
  kind?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(200)
  tag?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(400)
  outcome?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(200)
  level?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(200)
  difficulty?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(40)
  language?: string

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  signedOff?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  hasKey?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  hasPicture?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO, description: 'In a paper' })
  @IsOptional()
  @IsIn(YES_NO)
  used?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  sent?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: Object.keys(SHARE_BANDS), description: 'Share of the points in all sittings' })
  @IsOptional()
  @IsIn(Object.keys(SHARE_BANDS))
  share?: ShareBand

  @ApiPropertyOptional({
    enum: Object.keys(TELLING_BANDS),
    description: 'How well it tells people apart in all sittings',
  })
  @IsOptional()
  @IsIn(Object.keys(TELLING_BANDS))
  tells?: TellingBand

  @ApiPropertyOptional({ description: 'Code of a writing check that finds something' })
  @IsOptional()
  @IsIn(CHECK_CODES)
  finding?: string
}

export class SearchItemsDto extends BankFilterDto {
  @ApiPropertyOptional({ enum: Object.keys(SORTS) })
  @IsOptional()
  @IsIn(Object.keys(SORTS))
  sort?: BankSort

  @ApiPropertyOptional()
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  offset?: number

  @ApiPropertyOptional()
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(500)
  limit?: number
}

export class WaivedDto {
  @ApiProperty()
  reason!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string
}

export class FindingDto {
  @ApiProperty({ enum: CHECK_CODES })
  code!: CheckCode

  @ApiProperty({ enum: ['trouble', 'doubt', 'told'] })
  severity!: 'trouble' | 'doubt' | 'told'

  @ApiProperty()
  message!: string

  @ApiProperty({ type: WaivedDto, nullable: true })
  waived!: WaivedDto | null
}

export class ReadingDto {
  @ApiProperty({ enum: ['flesch-kincaid', 'lix'] })
  index!: 'flesch-kincaid' | 'lix'

  @ApiProperty()
  value!: number

  @ApiProperty()
  words!: number
}

export class VariantDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty({ type: String, nullable: true })
  language!: string | null

  @ApiProperty({ description: 'Its original has changed since' })
  stale!: boolean

  @ApiProperty({ type: ReadingDto, nullable: true, description: 'How hard it is to read; null without words' })
  reading!: ReadingDto | null
}

export class SignOffDto {
  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string

  @ApiProperty()
  remark!: string
}

export class ItemDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ ...ANY_OBJECT, description: 'The item, as core’s Item' })
  body!: object

  @ApiProperty({ description: 'Where it lies in the bank: "Tides/Heights"; empty at the top' })
  category!: string

  @ApiProperty()
  revision!: number

  @ApiProperty({ type: SignOffDto, nullable: true })
  signOff!: SignOffDto | null

  @ApiProperty({ ...ANY_OBJECT, nullable: true })
  cameFrom!: object | null

  @ApiProperty({ type: [String], description: 'Titles of papers that hold it' })
  usedIn!: string[]

  @ApiProperty({ type: [FindingDto], description: 'What the writing checks say of it' })
  findings!: FindingDto[]

  @ApiProperty({ type: String, nullable: true, description: 'The item that it is a variant of' })
  variantOf!: string | null

  @ApiProperty({ type: [VariantDto], description: 'The others of its family' })
  variants!: VariantDto[]

  @ApiProperty({ description: 'It is a variant, and its original has changed since' })
  stale!: boolean

  @ApiProperty({ type: String, nullable: true })
  lastSentAt!: string | null

  @ApiProperty({ type: Number, nullable: true, description: 'Share of the points in all sittings, 0 to 1' })
  shareRight!: number | null

  @ApiProperty({ type: Number, nullable: true, description: 'Correlation with the rest of the paper in all sittings' })
  discrimination!: number | null

  @ApiProperty({ description: 'People who took it in all sittings' })
  takenBy!: number

  @ApiProperty()
  updatedAt!: string
}

export class FacetDto {
  @ApiProperty()
  value!: string

  @ApiProperty()
  count!: number
}

export class FieldFacetsDto {
  @ApiProperty()
  name!: string

  @ApiProperty({ type: [FacetDto] })
  values!: FacetDto[]
}

export class BankFacetsDto {
  @ApiProperty({ description: 'In the whole bank' })
  all!: number

  @ApiProperty({ description: 'In the whole bank, not signed off' })
  waiting!: number

  @ApiProperty({ type: [FieldFacetsDto] })
  facets!: FieldFacetsDto[]
}

export class ItemPageDto {
  @ApiProperty({ description: 'How many are found; counted to 10,000' })
  total!: number

  @ApiProperty({ description: 'There are more than were counted' })
  isMore!: boolean

  @ApiProperty({ type: [ItemDto] })
  items!: ItemDto[]
}

export class NearItemDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty(ANY_OBJECT)
  body!: object

  @ApiProperty({ description: '0 to 1' })
  likeness!: number
}

export class NearAskedDto {
  @ApiProperty({ type: 'array', items: ANY_OBJECT })
  @IsArray()
  @ArrayMaxSize(200)
  @IsObject({ each: true })
  bodies!: object[]
}

export class NearFoundDto {
  @ApiProperty({ type: [NearItemDto] })
  near!: NearItemDto[]
}

export class WaiveDto {
  @ApiProperty({ enum: CHECK_CODES })
  @IsIn(CHECK_CODES)
  code!: CheckCode

  @ApiProperty({ type: String, nullable: true, description: 'Null takes the waiver back' })
  @ValidateIf((given: WaiveDto) => given.reason !== null)
  @IsString()
  @IsNotEmpty({ message: 'Say why the check does not count here' })
  @MaxLength(300)
  reason!: string | null
}

export class NewVariantDto {
  @ApiProperty({ type: String, nullable: true, description: 'BCP 47 tag; null for the same language, other readers' })
  @ValidateIf((given: NewVariantDto) => given.language !== null)
  @IsString()
  @MaxLength(40)
  language!: string | null

  @ApiPropertyOptional({ ...ANY_OBJECT, description: 'What it says; without it, what its original says' })
  @IsOptional()
  @IsObject()
  body?: object
}

export class SavedFilterDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty({ type: BankFilterDto })
  filter!: BankFilterDto
}

export class NewSavedFilterDto {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'Give the filter a name' })
  @MaxLength(80)
  name!: string

  @ApiProperty({ type: BankFilterDto })
  @IsObject()
  @ValidateNested()
  @Type(() => BankFilterDto)
  filter!: BankFilterDto
}

/** What changes on every item; a field that is absent stays as it is, null takes it out. */
export class BulkFieldsDto {
  @ApiPropertyOptional({ type: [String] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  addTags?: string[]

  @ApiPropertyOptional({ type: [String] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  dropTags?: string[]

  @ApiPropertyOptional()
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1000)
  points?: number

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(400)
  outcome?: string | null

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  level?: string | null

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  difficulty?: string | null

  @ApiPropertyOptional()
  @IsOptional()
  @IsBoolean()
  shuffle?: boolean

  @ApiPropertyOptional({ type: Number, nullable: true, description: 'Seconds' })
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(86_400)
  timeLimit?: number | null

  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'Where to move them: "Tides/Heights"; null: to the top',
  })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  category?: string | null

  @ApiPropertyOptional()
  @IsOptional()
  @IsBoolean()
  signedOff?: boolean

  @ApiPropertyOptional()
  @IsOptional()
  @IsBoolean()
  deleted?: boolean
}

export class BulkDto {
  @ApiPropertyOptional({ type: [String], description: 'Which items; or else all that the filter finds' })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(5000)
  @IsUUID(undefined, { each: true })
  ids?: string[]

  @ApiPropertyOptional({ type: BankFilterDto })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => BankFilterDto)
  filter?: BankFilterDto

  @ApiProperty({ type: BulkFieldsDto })
  @IsDefined({ message: 'Say what is to change' })
  @IsObject()
  @ValidateNested()
  @Type(() => BulkFieldsDto)
  change!: BulkFieldsDto

  @ApiPropertyOptional({
    type: 'object',
    additionalProperties: { type: 'integer' },
    description: 'To sign off: the revision of each item as it was shown; one that changed since is left alone',
  })
  @IsOptional()
  @IsObject()
  shown?: Record<string, number>
}

export class BulkResultDto {
  @ApiProperty({ description: 'To undo it by' })
  id!: string

  @ApiProperty()
  changed!: number

  @ApiProperty({ description: 'Already as asked, or of a kind that has no such field' })
  unchanged!: number

  @ApiProperty({ description: 'Sign-offs lost, since something shown or graded changed' })
  signOffsLost!: number

  @ApiProperty({ description: 'Not signed off, since somebody changed them after they were shown' })
  changedMeanwhile!: number
}

export class UndoneDto {
  @ApiProperty()
  restored!: number

  @ApiProperty({ description: 'Changed by somebody since, and left as they are' })
  left!: number
}

export class RebalanceDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(500)
  @IsUUID(undefined, { each: true })
  ids!: string[]
}

export class NewItemDto {
  @ApiProperty(ANY_OBJECT)
  @IsObject()
  body!: object

  @ApiPropertyOptional({ description: 'Where it is to lie: "Tides/Heights"' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  category?: string
}

export class ChangeItemDto {
  @ApiProperty(ANY_OBJECT)
  @IsObject()
  body!: object

  @ApiProperty({ description: 'The revision that was edited' })
  @IsInt()
  revision!: number
}

export class SetSignOffDto {
  @ApiProperty()
  @IsBoolean()
  signedOff!: boolean

  @ApiPropertyOptional({ description: 'To sign off: the fingerprint of the item as it was shown' })
  @IsOptional()
  @IsString()
  @MaxLength(100)
  fingerprint?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(500)
  remark?: string
}

export class RestoreDto {
  @ApiProperty()
  @IsInt()
  number!: number
}

export class RevisionDto {
  @ApiProperty()
  number!: number

  @ApiProperty(ANY_OBJECT)
  body!: object

  @ApiProperty()
  says!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string
}

export class ToTranslateDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(500)
  @IsUUID(undefined, { each: true })
  ids!: string[]

  @ApiProperty({ description: 'BCP 47 tag of the language to translate into' })
  @Matches(/^[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/, { message: 'Name the language by its tag, such as sv or pt-BR' })
  language!: string
}

export class XliffDto {
  @ApiProperty({ description: 'XLIFF 2' })
  @IsString()
  @MaxLength(20_000_000)
  text!: string
}

export class TranslatedDto {
  @ApiProperty()
  created!: number

  @ApiProperty()
  updated!: number

  @ApiProperty()
  unchanged!: number

  @ApiProperty({ description: 'Texts that are not translated yet' })
  open!: number

  @ApiProperty({ description: 'Items in the file that are not in the bank' })
  unknown!: number
}
