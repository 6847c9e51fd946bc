import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { SERVICE_IDS, type ServiceId, SHEET_COLUMNS, WHICH_COUNTS, type WhichCounts } from '@zakuska/core'
import { Type } from 'class-transformer'
import {
  IsDefined,
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { SITTING_SOURCES, type SittingSource } from '../sitting.entity.ts'
import { TakingDto, UnderWayDto } from './taking-settings.dto.ts'
import { ITEM, RESPONSES } from '../../http/core-schemas.ts'
import { IsResponse } from '../../http/is-response.ts'

const MOST_ATTEMPTS = 20_000

export class SittingSettingsDto {
  @ApiProperty({ enum: WHICH_COUNTS, description: 'Of several attempts of one person' })
  @IsIn(WHICH_COUNTS)
  which!: WhichCounts

  @ApiProperty({ description: 'Share under which a score is low' })
  @IsNumber()
  @Min(0)
  @Max(1)
  threshold!: number

  @ApiProperty({ type: [Number], description: 'Places of items that count for nobody' })
  @IsArray()
  @ArrayMaxSize(2000)
  @IsInt({ each: true })
  @Min(0, { each: true })
  leftOut!: number[]
}

export class SaveSittingDto {
  @ApiProperty()
  @IsInt()
  version!: number

  @ApiProperty()
  @IsString()
  @Length(1, 300)
  title!: string

  @ApiProperty({ type: SittingSettingsDto })
  @IsDefined()
  @ValidateNested()
  @Type(() => SittingSettingsDto)
  settings!: SittingSettingsDto
}

/** One attempt out of a file. */
export class ReadAttemptDto {
  @ApiProperty()
  @IsString()
  @Length(1, 300)
  student!: string

  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' } })
  @IsObject()
  fields!: Record<string, string>

  @ApiProperty({ type: String, nullable: true, description: 'As the file says it' })
  @ValidateIf((_given, value) => value !== null)
  @IsString()
  @MaxLength(60)
  time!: string | null

  @ApiProperty({ ...RESPONSES, description: 'Per item' })
  @IsArray()
  @ArrayMaxSize(2000)
  @IsResponse({ each: true })
  responses!: (object | null)[]
}

export class AttemptsDto {
  @ApiProperty({ type: [ReadAttemptDto] })
  @IsArray()
  @ArrayMaxSize(MOST_ATTEMPTS)
  @ValidateNested({ each: true })
  @Type(() => ReadAttemptDto)
  attempts!: ReadAttemptDto[]
}

export class NewSittingDto extends AttemptsDto {
  @ApiProperty({ description: 'Made by the caller; sent twice, it is one sitting' })
  @IsUUID()
  id!: string

  @ApiProperty()
  @IsUUID()
  paperId!: string

  @ApiProperty()
  @IsString()
  @Length(1, 300)
  title!: string
}

export class RegradedItemDto {
  @ApiProperty({ description: 'Place of the item' })
  @IsInt()
  @Min(0)
  item!: number

  @ApiProperty(ITEM)
  @IsObject()
  body!: object
}

export class RegradeDto {
  @ApiProperty({ description: 'Of the sitting, as it was seen' })
  @IsInt()
  version!: number

  @ApiProperty({ type: [RegradedItemDto] })
  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => RegradedItemDto)
  items!: RegradedItemDto[]

  @ApiPropertyOptional({ type: [Number], description: 'Places of items that count for nobody from now on' })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(2000)
  @IsInt({ each: true })
  leftOut?: number[]

  @ApiProperty()
  @IsString()
  @Length(1, 500)
  why!: string
}

export class GivenDto {
  @ApiProperty()
  @IsUUID()
  attemptId!: string

  @ApiProperty({ description: 'Place of the item' })
  @IsInt()
  @Min(0)
  item!: number

  @ApiProperty({ type: Number, nullable: true, description: 'Null: as the key says' })
  @ValidateIf((_given, value) => value !== null)
  @IsNumber()
  @Min(0)
  @Max(1000)
  points!: number | null

  @ApiProperty({ description: 'To the person; empty: none' })
  @IsString()
  @MaxLength(2000)
  remark!: string
}

export class SittingItemDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty()
  revision!: number

  @ApiProperty(ITEM)
  body!: object

  @ApiProperty({ ...ITEM, nullable: true, description: 'As the bank has it now, where its key is another' })
  inBank!: object | null
}

/** Points that somebody gave by hand. */
export class GivenByHandDto {
  @ApiProperty()
  at!: string

  @ApiProperty()
  by!: string

  @ApiProperty({ description: 'Place of the item' })
  item!: number

  @ApiProperty({ type: Number, nullable: true })
  before!: number | null

  @ApiProperty({ type: Number, nullable: true })
  after!: number | null
}

export class AttemptDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  student!: string

  @ApiProperty({ type: String, nullable: true, description: 'What tells people apart' })
  person!: string | null

  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' } })
  fields!: Record<string, string>

  @ApiProperty(RESPONSES)
  responses!: (object | null)[]

  @ApiProperty({ type: 'object', additionalProperties: { type: 'number' } })
  given!: Record<string, number>

  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' } })
  remarks!: Record<string, string>

  @ApiProperty({ type: [GivenByHandDto] })
  history!: GivenByHandDto[]

  @ApiProperty()
  isHandedIn!: boolean

  @ApiProperty({ type: String, nullable: true })
  submittedAt!: string | null

  @ApiProperty({ description: 'Of those that count' })
  counts!: boolean
}

/** What a regrade changed for one attempt, in points. */
export class ScoreChangeDto {
  @ApiProperty()
  attemptId!: string

  @ApiProperty()
  student!: string

  @ApiProperty()
  before!: number

  @ApiProperty()
  after!: number
}

export class RegradingDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  at!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  why!: string

  @ApiProperty({ type: [ScoreChangeDto] })
  changes!: ScoreChangeDto[]
}

export class SittingSummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty({ enum: SITTING_SOURCES })
  source!: SittingSource

  @ApiProperty({ type: String, nullable: true })
  paperId!: string | null

  @ApiProperty({ type: String, nullable: true })
  deliveryId!: string | null

  @ApiProperty({ enum: SERVICE_IDS, nullable: true })
  destination!: ServiceId | null

  @ApiProperty({ description: 'Attempts that were handed in' })
  attempts!: number

  @ApiProperty({ description: 'Attempts that are not handed in yet' })
  underWay!: number

  @ApiProperty({ type: String, nullable: true })
  code!: string | null

  @ApiProperty({ description: 'Whether it can be taken on our own pages now' })
  isOpen!: boolean

  @ApiProperty({ type: String, nullable: true })
  fetchedAt!: string | null

  @ApiProperty()
  createdAt!: string
}

export class SittingDto extends SittingSummaryDto {
  @ApiProperty()
  version!: number

  @ApiProperty({ type: [SittingItemDto] })
  items!: SittingItemDto[]

  @ApiProperty({ type: [AttemptDto] })
  attemptList!: AttemptDto[]

  @ApiProperty({ type: [UnderWayDto] })
  underWayList!: UnderWayDto[]

  @ApiProperty({ type: SittingSettingsDto })
  settings!: SittingSettingsDto

  @ApiProperty({ type: TakingDto, nullable: true })
  taking!: TakingDto | null

  @ApiProperty({ type: [RegradingDto] })
  regradings!: RegradingDto[]
}

export class TableDto {
  @ApiProperty({ type: 'array', items: { type: 'array', items: { type: 'string' } } })
  rows!: string[][]
}

export class ResponsesInDto {
  @ApiProperty({ type: SittingDto })
  sitting!: SittingDto

  @ApiProperty({ description: 'Attempts that were not here before' })
  fresh!: number

  @ApiProperty({ description: 'Attempts that were here already' })
  known!: number
}

export class SheetQuery {
  @ApiProperty({ description: `Of ${SHEET_COLUMNS.join(', ')}; in order, parted by commas` })
  @IsString()
  @MaxLength(300)
  columns!: string

  @ApiProperty({ enum: ['csv', 'xlsx'] })
  @IsIn(['csv', 'xlsx'])
  as!: 'csv' | 'xlsx'
}

export class GradebookQuery {
  @ApiProperty({ description: 'The field that the gradebook knows students by; empty: their names' })
  @IsString()
  @MaxLength(120)
  field!: string

  @ApiProperty({ description: 'sourcedId of the class' })
  @IsString()
  @Length(1, 255)
  classId!: string

  @ApiProperty({ description: 'sourcedId of the school' })
  @IsString()
  @Length(1, 255)
  schoolId!: string
}

export class FeedbackQuery {
  @ApiProperty({ enum: ['one', 'each'], description: 'One file, or one for each in a zip' })
  @IsIn(['one', 'each'])
  files!: 'one' | 'each'

  @ApiProperty({ enum: ['true', 'false'], description: 'Tell the right answers' })
  @IsIn(['true', 'false'])
  keys!: 'true' | 'false'

  @ApiProperty({ enum: ['A4', 'Letter'] })
  @IsIn(['A4', 'Letter'])
  size!: 'A4' | 'Letter'
}
