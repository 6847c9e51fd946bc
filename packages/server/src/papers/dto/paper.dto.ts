import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { CHECK_CODES, type CheckCode, type FeedbackWhen } from '@zakuska/core'
import { PRINT_FORMS, type PrintForm } from '@zakuska/documents'
import { Type } from 'class-transformer'
import {
  IsDefined,
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
  IsObject,
} from 'class-validator'
import { ItemDto } from '../../bank/dto/bank.dto.ts'
import { BankFilterDto } from '../../bank/dto/filter.dto.ts'

const FEEDBACK_WHEN = ['each', 'after', 'never'] as const

export class NewPaperDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200)
  title!: string

  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(500)
  @IsUUID(undefined, { each: true })
  itemIds!: string[]
}

export class AppendItemsDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(500)
  @IsUUID(undefined, { each: true })
  itemIds!: string[]
}

export class PaperEntryDto {
  @ApiProperty()
  @IsUUID()
  itemId!: string

  @ApiProperty()
  @IsNumber()
  @Min(0)
  @Max(1000)
  points!: number

  @ApiProperty()
  @IsBoolean()
  required!: boolean

  @ApiPropertyOptional({ type: String, nullable: true })
  @IsOptional()
  @IsUUID()
  sectionId?: string | null

  @ApiPropertyOptional({ type: [String], nullable: true, description: 'Ids of the options as this paper shows them' })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(100)
  @IsString({ each: true })
  optionOrder?: string[] | null
}

export class PaperSectionDto {
  @ApiProperty()
  @IsUUID()
  id!: string

  @ApiProperty()
  @IsString()
  @MaxLength(200)
  title!: string

  @ApiProperty()
  @IsString()
  @MaxLength(5000)
  instructions!: string
}

export class PaperRuleDto {
  @ApiProperty()
  @IsUUID()
  id!: string

  @ApiProperty()
  @IsInt()
  @Min(1)
  @Max(200)
  count!: number

  @ApiProperty({ type: BankFilterDto })
  @IsObject()
  @IsDefined()
  @ValidateNested()
  @Type(() => BankFilterDto)
  filter!: BankFilterDto

  @ApiProperty({ type: String, nullable: true })
  @ValidateIf((rule: PaperRuleDto) => rule.sectionId !== null)
  @IsUUID()
  sectionId!: string | null

  @ApiProperty({ type: Number, nullable: true, description: 'Points of each; null: the item’s own' })
  @ValidateIf((rule: PaperRuleDto) => rule.points !== null)
  @IsNumber()
  @Min(0)
  @Max(1000)
  points!: number | null
}

export class SavePaperDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200)
  title!: string

  @ApiProperty()
  @IsString()
  @MaxLength(5000)
  instructions!: string

  @ApiProperty({ type: [PaperEntryDto] })
  @IsArray()
  @ArrayMaxSize(500)
  @ArrayUnique((entry: PaperEntryDto) => entry.itemId, { message: 'A paper holds an item once' })
  @ValidateNested({ each: true })
  @Type(() => PaperEntryDto)
  entries!: PaperEntryDto[]

  @ApiProperty()
  @IsBoolean()
  shuffleItems!: boolean

  @ApiProperty()
  @IsBoolean()
  shuffleOptions!: boolean

  @ApiPropertyOptional({ type: [PaperSectionDto] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested()
  @Type(() => PaperSectionDto)
  sections?: PaperSectionDto[]

  @ApiPropertyOptional({ type: [String], description: 'What a student writes above the items' })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(6)
  @IsString({ each: true })
  @MaxLength(60, { each: true })
  identity?: string[]

  @ApiPropertyOptional({ type: Number, nullable: true, description: 'Minutes' })
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(1440)
  timeLimit?: number | null

  @ApiPropertyOptional({ type: Number, nullable: true })
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(100)
  attempts?: number | null

  @ApiPropertyOptional({ enum: FEEDBACK_WHEN })
  @IsOptional()
  @IsIn(FEEDBACK_WHEN)
  feedbackWhen?: FeedbackWhen

  @ApiPropertyOptional({ type: [PaperRuleDto] })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(40)
  @ValidateNested()
  @Type(() => PaperRuleDto)
  rules?: PaperRuleDto[]

  @ApiProperty({ description: 'The version that was edited' })
  @IsInt()
  version!: number
}

export class PaperFindingDto {
  @ApiProperty({ enum: CHECK_CODES })
  code!: CheckCode

  @ApiProperty({ enum: ['trouble', 'doubt', 'told'] })
  severity!: 'trouble' | 'doubt' | 'told'

  @ApiProperty()
  message!: string

  @ApiProperty({ type: [Number], description: 'Places in the paper, from 0' })
  items!: number[]
}

export class PaperSummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty()
  itemCount!: number

  @ApiProperty()
  points!: number

  @ApiProperty({ type: String, nullable: true, description: 'The paper that it is a version of' })
  versionOf!: string | null

  @ApiProperty({ type: String, nullable: true })
  label!: string | null

  @ApiProperty({ type: Number, nullable: true })
  seed!: number | null

  @ApiProperty()
  updatedAt!: string

  @ApiProperty({ type: String, nullable: true, description: 'Name of who changed it last' })
  updatedBy!: string | null
}

export class PaperDto extends PaperSummaryDto {
  @ApiProperty()
  instructions!: string

  @ApiProperty({ type: [PaperEntryDto] })
  entries!: PaperEntryDto[]

  @ApiProperty({ type: [ItemDto], description: 'In the order of the entries' })
  items!: ItemDto[]

  @ApiProperty()
  shuffleItems!: boolean

  @ApiProperty()
  shuffleOptions!: boolean

  @ApiProperty({ type: [PaperSectionDto] })
  sections!: PaperSectionDto[]

  @ApiProperty({ type: [String] })
  identity!: string[]

  @ApiProperty({ type: Number, nullable: true, description: 'Minutes' })
  timeLimit!: number | null

  @ApiProperty({ type: Number, nullable: true })
  attempts!: number | null

  @ApiProperty({ enum: FEEDBACK_WHEN })
  feedbackWhen!: FeedbackWhen

  @ApiProperty({ type: [PaperRuleDto] })
  rules!: PaperRuleDto[]

  @ApiProperty({ description: 'Seconds that a student is likely to need' })
  expectedSeconds!: number

  @ApiProperty({ type: [PaperFindingDto], description: 'What the writing checks say of all items together' })
  findings!: PaperFindingDto[]

  @ApiProperty()
  version!: number
}

export class DrawDto {
  @ApiProperty({ description: 'How many versions' })
  @IsInt()
  @Min(1)
  @Max(26)
  versions!: number

  @ApiPropertyOptional({ description: 'Absent: a new one' })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(2147483647)
  seed?: number

  @ApiProperty({ description: 'No version draws what another has drawn' })
  @IsBoolean()
  apart!: boolean

  @ApiPropertyOptional({ type: [String], description: 'Papers whose items are not drawn' })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(50)
  @IsUUID(undefined, { each: true })
  avoid?: string[]
}

export class OverlapPaperDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty({ type: String, nullable: true })
  label!: string | null

  @ApiProperty({ type: Number, nullable: true })
  seed!: number | null

  @ApiProperty()
  itemCount!: number

  @ApiProperty()
  points!: number
}

export class VersionsDto {
  @ApiProperty({ type: [OverlapPaperDto], description: 'The versions, then other papers that share items with them' })
  papers!: OverlapPaperDto[]

  @ApiProperty({
    type: 'array',
    items: { type: 'array', items: { type: 'number' } },
    description: 'Shared items of each pair of these papers; the diagonal says how many a paper has',
  })
  overlap!: number[][]

  @ApiProperty({ type: [Number], description: 'How many items each rule finds now' })
  found!: number[]

  @ApiProperty({ type: Number, nullable: true, description: 'The seed of the last draw; the same seed draws the same' })
  seed!: number | null
}

export class PrintQuery {
  @ApiProperty({ enum: PRINT_FORMS })
  @IsIn(PRINT_FORMS)
  form!: PrintForm

  @ApiProperty({ description: 'Of paper, key, answers; parted by commas' })
  @IsString()
  @MaxLength(60)
  what!: string

  @ApiProperty({ enum: ['A4', 'Letter'] })
  @IsIn(['A4', 'Letter'])
  size!: 'A4' | 'Letter'

  @ApiProperty({ enum: ['this', 'all'], description: 'This paper, or every version drawn of it' })
  @IsIn(['this', 'all'])
  versions!: 'this' | 'all'
}
