import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { ASKED_KINDS, COGNITIVE_LEVELS, DIFFICULTIES, type WritingRequest } from '@zakuska/core'
import {
  IsDefined,
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
} from 'class-validator'
import { Type } from 'class-transformer'
import { ValidateNested } from 'class-validator'
import { PURPOSES, REPLY_STATES, type Purpose, type ReplyState } from '../writing.entities.ts'

const LONGEST_REQUEST = 2_000_000

export class AskDto {
  @ApiPropertyOptional({ type: String, nullable: true, description: 'The draft that the reply is for' })
  @IsOptional()
  @IsUUID()
  draftId?: string | null

  @ApiProperty({ enum: PURPOSES })
  @IsIn(PURPOSES)
  purpose!: Purpose

  @ApiProperty({ description: 'For the usage book: "10 questions"' })
  @IsString()
  @Length(1, 200)
  what!: string

  @ApiProperty({ description: 'Exactly what is sent' })
  @IsString()
  @Length(1, LONGEST_REQUEST)
  request!: string

  @ApiProperty({ description: 'Units that the reply is expected to have' })
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  expected!: number
}

export class ReplySummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ type: String, nullable: true })
  draftId!: string | null

  @ApiProperty({ enum: PURPOSES })
  purpose!: Purpose

  @ApiProperty()
  what!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string

  @ApiProperty()
  sentTo!: string

  @ApiProperty({ enum: REPLY_STATES })
  state!: ReplyState

  @ApiProperty({ type: String, nullable: true })
  why!: string | null

  @ApiProperty({ description: 'Units of request and reply' })
  units!: number

  @ApiProperty()
  cost!: number

  @ApiProperty()
  currency!: string

  @ApiProperty({ description: 'All of it is in its draft' })
  isTaken!: boolean
}

export class ReplyDto extends ReplySummaryDto {
  @ApiProperty({ description: 'What has come so far' })
  text!: string
}

/** What came since, as an event; its id is the length of the whole. */
export class ReplyEventDto extends ReplySummaryDto {
  @ApiProperty({ description: 'Where the new text begins in the whole, in UTF-16 units' })
  from!: number

  @ApiProperty()
  more!: string
}

export class UseDto {
  @ApiProperty({ type: [ReplySummaryDto], description: 'Newest first' })
  entries!: ReplySummaryDto[]

  @ApiProperty({ description: 'There are older ones' })
  isMore!: boolean
}

export class PageAddressDto {
  @ApiProperty()
  @IsString()
  @Length(1, 2000)
  url!: string
}

export class PageDto {
  @ApiProperty()
  text!: string
}

class CountsDto implements Partial<Record<(typeof ASKED_KINDS)[number], number>> {
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) single?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) multiple?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) truefalse?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) short?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) numeric?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) cloze?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) match?: number
  @ApiPropertyOptional() @IsOptional() @IsInt() @Min(0) @Max(50) order?: number
}

export class WritingRequestDto implements WritingRequest {
  @ApiProperty({ type: CountsDto })
  @IsObject()
  @IsDefined()
  @ValidateNested()
  @Type(() => CountsDto)
  counts!: CountsDto

  @ApiProperty()
  @IsString()
  @MaxLength(120)
  level!: string

  @ApiProperty()
  @IsString()
  @MaxLength(60)
  language!: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(2000)
  outcomes?: string

  @ApiPropertyOptional({ enum: DIFFICULTIES })
  @IsOptional()
  @IsIn(DIFFICULTIES)
  difficulty?: (typeof DIFFICULTIES)[number]

  @ApiPropertyOptional({ enum: COGNITIVE_LEVELS, isArray: true })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(COGNITIVE_LEVELS.length)
  @IsIn(COGNITIVE_LEVELS, { each: true })
  cognitive?: (typeof COGNITIVE_LEVELS)[number][]

  @ApiProperty()
  @IsString()
  @MaxLength(500)
  remarks!: string
}

export class KeepRequestDto {
  @ApiProperty()
  @IsString()
  @Length(1, 80)
  name!: string

  @ApiProperty({ type: WritingRequestDto })
  @IsObject()
  @IsDefined()
  @ValidateNested()
  @Type(() => WritingRequestDto)
  request!: WritingRequestDto
}

export class KeptRequestDto extends KeepRequestDto {
  @ApiProperty()
  id!: string
}
