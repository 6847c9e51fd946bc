import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
  ValidateNested,
  IsObject,
} from 'class-validator'
import { SignOffDto } from '../../bank/dto/bank.dto.ts'
import { NotationDto, TaughtLineDto } from './notation.dto.ts'
import { PlaceDto } from './place.dto.ts'

/** About 5,000 items with room to spare. */
export const MAX_TEXT_UNITS = 5_000_000

const STYLES = ['strong', 'emphasis', 'underline', 'sub', 'sup', 'code', 'highlight', 'colour'] as const

/** How a stretch of the text is dressed. */
export class StyleDto extends PlaceDto {
  @ApiProperty({ enum: STYLES })
  @IsIn(STYLES)
  style!: (typeof STYLES)[number]
}

export class NewDraftDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200)
  title!: string

  @ApiProperty()
  @IsString()
  @MaxLength(MAX_TEXT_UNITS, { message: 'The text is longer than a draft can be' })
  text!: string

  @ApiPropertyOptional({ type: [StyleDto] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(200_000)
  @ValidateNested({ each: true })
  @Type(() => StyleDto)
  styles?: StyleDto[]

  @ApiPropertyOptional({ type: String, nullable: true, description: 'A key in a text of its own' })
  @IsOptional()
  @IsString()
  @MaxLength(MAX_TEXT_UNITS)
  keyText?: string | null

  @ApiPropertyOptional({
    type: String,
    nullable: true,
    description: 'The text that it was drafted from; kept as it is',
  })
  @IsOptional()
  @IsString()
  @MaxLength(MAX_TEXT_UNITS, { message: 'The source is longer than a text can be' })
  source?: string | null

  @ApiPropertyOptional({ type: [TaughtLineDto] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(20_000)
  @ValidateNested({ each: true })
  @Type(() => TaughtLineDto)
  taught?: TaughtLineDto[]

  @ApiPropertyOptional({ type: NotationDto, nullable: true, description: 'The notation that it is read by' })
  @IsOptional()
  @IsObject()
  @ValidateNested()
  @Type(() => NotationDto)
  notation?: NotationDto | null
}

/** Where an item stands in the text, and whether a person vouches for it. */
export class FollowedDto extends PlaceDto {
  @ApiProperty()
  @IsString()
  @MaxLength(60)
  ref!: string

  @ApiProperty()
  @IsString()
  @MaxLength(40)
  fingerprint!: string

  @ApiProperty()
  @IsBoolean()
  signedOff!: boolean
}

export class SaveDraftDto extends NewDraftDto {
  @ApiProperty({ type: [FollowedDto] })
  @IsArray()
  @ArrayMaxSize(20_000)
  @ValidateNested({ each: true })
  @Type(() => FollowedDto)
  followed!: FollowedDto[]

  @ApiProperty({ description: 'The version that was edited' })
  @IsInt()
  version!: number
}

export class FollowedItemDto {
  @ApiProperty()
  ref!: string

  @ApiProperty()
  from!: number

  @ApiProperty()
  to!: number

  @ApiProperty()
  fingerprint!: string

  @ApiProperty({ type: SignOffDto, nullable: true })
  signOff!: SignOffDto | null

  @ApiProperty({ type: String, nullable: true })
  bankItemId!: string | null

  @ApiProperty({
    type: SignOffDto,
    nullable: true,
    description: 'Lost when the item changed; back if that is taken back',
  })
  lostSignOff!: SignOffDto | null
}

export class DraftSummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty()
  itemCount!: number

  @ApiProperty()
  signedCount!: number

  @ApiProperty({ description: 'Items with something to decide' })
  troubleCount!: number

  @ApiProperty()
  updatedAt!: string

  @ApiProperty({ type: String, nullable: true, description: 'Name of who changed it last' })
  updatedBy!: string | null
}

export class DraftDto extends DraftSummaryDto {
  @ApiProperty()
  text!: string

  @ApiProperty({ type: [StyleDto] })
  styles!: StyleDto[]

  @ApiProperty({ type: String, nullable: true })
  keyText!: string | null

  @ApiProperty({ type: String, nullable: true, description: 'The text that it was drafted from' })
  source!: string | null

  @ApiProperty({ type: [TaughtLineDto] })
  taught!: TaughtLineDto[]

  @ApiProperty({ type: NotationDto, nullable: true })
  notation!: NotationDto | null

  @ApiProperty({ type: [FollowedItemDto] })
  followed!: FollowedItemDto[]

  @ApiProperty()
  version!: number
}

export class AsVariantDto {
  @ApiProperty({ description: 'Of the draft’s item' })
  @IsString()
  ref!: string

  @ApiProperty({ description: 'The bank item that it is a variant of' })
  @IsUUID()
  of!: string
}

export class ToBankDto {
  @ApiProperty({ description: 'Take items along that nobody has signed off' })
  @IsBoolean()
  includeUnsigned!: boolean

  @ApiPropertyOptional({ type: [String], description: 'Only these; without it, all' })
  @IsOptional()
  @IsArray()
  @IsString({ each: true })
  refs?: string[]

  @ApiPropertyOptional({ type: [AsVariantDto], description: 'Items that are kept as variants of others' })
  @IsOptional()
  @IsArray()
  @ValidateNested({ each: true })
  @Type(() => AsVariantDto)
  variants?: AsVariantDto[]

  @ApiPropertyOptional({ description: 'Where new items are to lie in the bank: "Tides/Heights"' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  category?: string
}

export class LeftOutDto {
  @ApiProperty()
  line!: number

  @ApiProperty()
  why!: string
}

export class ToBankResultDto {
  @ApiProperty()
  created!: number

  @ApiProperty()
  updated!: number

  @ApiProperty()
  unchanged!: number

  @ApiProperty({ type: [LeftOutDto] })
  leftOut!: LeftOutDto[]

  @ApiProperty({ type: DraftDto })
  draft!: DraftDto
}
