import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  IsDefined,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { CHECK_CODES, type CheckCode } from '@zakuska/core'
import { type BankSort, SORTS } from '../bank-filter.ts'
import { BankFilterDto } from './filter.dto.ts'
import type { EvidenceVerdict } from '@zakuska/core'
import type { CameFrom } from '../bank.entities.ts'
import { VERDICTS } from '../kept-evidence.ts'
import { ITEM } from '../../http/core-schemas.ts'

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

export class EvidenceSentenceDto {
  @ApiProperty()
  text!: string

  @ApiProperty({ description: 'Which sentence of the source it is, from 1' })
  place!: number

  @ApiProperty({ type: Number, nullable: true, description: 'Seconds from the start of a transcript' })
  time!: number | null
}

/** The sentences that an item rests on, as they stood in its source when it was kept. */
export class KeptEvidenceDto {
  @ApiProperty({ enum: VERDICTS })
  verdict!: EvidenceVerdict

  @ApiProperty({ description: 'How the source begins' })
  source!: string

  @ApiProperty({ type: [EvidenceSentenceDto] })
  sentences!: EvidenceSentenceDto[]
}

/** The draft that an item was put in the bank from. */
export class CameFromDto {
  @ApiProperty({ description: 'Empty where the draft is not here' })
  draftId!: string

  @ApiProperty()
  title!: string

  @ApiProperty({ type: [Number], description: 'First and last line, counted from 1' })
  lines!: number[]

  @ApiPropertyOptional({ description: 'Those lines as they stood' })
  text?: string

  @ApiPropertyOptional({ type: KeptEvidenceDto })
  evidence?: KeptEvidenceDto
}

export class ItemDto {
  @ApiProperty()
  id!: string

  @ApiProperty(ITEM)
  body!: object

  @ApiProperty({ description: 'Where it lies in the bank: "Tides/Heights"; empty at the top' })
  category!: string

  @ApiProperty()
  revision!: number

  @ApiProperty({ type: SignOffDto, nullable: true })
  signOff!: SignOffDto | null

  @ApiProperty({ type: CameFromDto, nullable: true })
  cameFrom!: CameFrom | null

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

  @ApiPropertyOptional({ ...ITEM, description: 'What it says; without it, what its original says' })
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
  @IsDefined()
  @ValidateNested()
  @Type(() => BankFilterDto)
  filter!: BankFilterDto
}

export class NewItemDto {
  @ApiProperty(ITEM)
  @IsObject()
  body!: object

  @ApiPropertyOptional({ description: 'Where it is to lie: "Tides/Heights"' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  category?: string
}

export class ChangeItemDto {
  @ApiProperty(ITEM)
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

  @ApiProperty(ITEM)
  body!: object

  @ApiProperty()
  says!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string
}
