import { ApiProperty } from '@nestjs/swagger'
import type { Response } from '@zakuska/core'
import { Type } from 'class-transformer'
import { ArrayMaxSize, IsArray, IsInt, IsObject, IsString, MaxLength, Min, ValidateNested } from 'class-validator'
import { TAKING_MODES, WHO_MAY_TAKE, type TakingMode, type WhoMayTake } from '../sitting.entity.ts'
import { CONTENT, CONTENTS, ITEM, RESPONSE } from '../../http/core-schemas.ts'
import { IsResponse } from '../../http/is-response.ts'

/** What is told before anybody begins. */
export class TakeAboutDto {
  @ApiProperty()
  title!: string

  @ApiProperty({ enum: TAKING_MODES })
  mode!: TakingMode

  @ApiProperty({ enum: ['open', 'early', 'closed'] })
  state!: 'open' | 'early' | 'closed'

  @ApiProperty({ type: String, nullable: true })
  opensAt!: string | null

  @ApiProperty({ type: String, nullable: true })
  closesAt!: string | null

  @ApiProperty()
  instructions!: string

  @ApiProperty({ type: [String], description: 'What is asked before it begins' })
  identity!: string[]

  @ApiProperty({ enum: WHO_MAY_TAKE })
  who!: WhoMayTake

  @ApiProperty({ type: Number, nullable: true, description: 'Minutes' })
  timeLimit!: number | null

  @ApiProperty({ type: Number, nullable: true })
  attempts!: number | null

  @ApiProperty()
  itemCount!: number
}

export class BeginDto {
  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' } })
  @IsObject()
  fields!: Record<string, string>

  @ApiProperty({ description: 'The person’s own code, where one is asked for; else empty' })
  @IsString()
  @MaxLength(20)
  code!: string

  @ApiProperty({ description: 'A name of this browser, made by it' })
  @IsString()
  @MaxLength(64)
  device!: string
}

export class BegunDto {
  @ApiProperty({ description: 'Opens this attempt, and no other' })
  token!: string
}

export class AnswerDto {
  @ApiProperty({ description: 'Place among the items as they are shown' })
  @IsInt()
  @Min(0)
  at!: number

  @ApiProperty({ description: 'Counts what was given to this item: an older one never overwrites a newer' })
  @IsInt()
  @Min(0)
  n!: number

  @ApiProperty(RESPONSE)
  @IsResponse()
  response!: object
}

export class AnswersDto {
  @ApiProperty({ type: [AnswerDto] })
  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => AnswerDto)
  answers!: AnswerDto[]
}

export class PlaceDto {
  @ApiProperty({ description: 'Place among the items as they are shown' })
  @IsInt()
  @Min(0)
  at!: number
}

export class SavedDto {
  @ApiProperty({ description: 'How many answers are kept' })
  kept!: number
}

/** What may be told of an item after it was answered. */
export class ToldItemDto {
  @ApiProperty({ type: Number, nullable: true, description: 'Null: a person has to read it' })
  points!: number | null

  @ApiProperty()
  of!: number

  @ApiProperty({ type: String, nullable: true, description: 'The key in words; null: not told' })
  key!: string | null

  @ApiProperty({ ...CONTENT, nullable: true })
  feedback!: object[] | null

  @ApiProperty()
  remark!: string
}

export class ShownItemDto {
  @ApiProperty({ ...ITEM, description: 'Without its key' })
  body!: object

  @ApiProperty({ type: Number, nullable: true, description: 'Index into the sections' })
  section!: number | null

  @ApiProperty()
  required!: boolean

  @ApiProperty({ ...RESPONSE, nullable: true })
  response!: object | null

  @ApiProperty({ description: 'The count of the answer that is kept; −1: none' })
  n!: number

  @ApiProperty({ type: [String], description: 'What counts as the same' })
  same!: string[]

  @ApiProperty({ description: 'Hints that there are' })
  hintCount!: number

  @ApiProperty({ ...CONTENTS, description: 'Of practice: hints that were asked for' })
  hints!: object[]

  @ApiProperty({ description: 'Of practice: how often it was checked' })
  tries!: number

  @ApiProperty()
  solved!: boolean

  @ApiProperty({ type: ToldItemDto, nullable: true })
  told!: ToldItemDto | null
}

export class SectionDto {
  @ApiProperty()
  title!: string

  @ApiProperty()
  instructions!: string
}

export class TakingAttemptDto {
  @ApiProperty()
  title!: string

  @ApiProperty()
  student!: string

  @ApiProperty({ enum: TAKING_MODES })
  mode!: TakingMode

  @ApiProperty()
  instructions!: string

  @ApiProperty({ type: [SectionDto] })
  sections!: SectionDto[]

  @ApiProperty({ type: [ShownItemDto] })
  items!: ShownItemDto[]

  @ApiProperty({ type: Number, nullable: true })
  secondsLeft!: number | null

  @ApiProperty({ type: Number, nullable: true, description: 'Of practice: how often an item may be tried' })
  tries!: number | null

  @ApiProperty()
  isHandedIn!: boolean

  @ApiProperty({ enum: ['now', 'closed', 'never'], description: 'When points and feedback are told' })
  tells!: 'now' | 'closed' | 'never'

  @ApiProperty({ type: Number, nullable: true, description: 'Points, where they may be told' })
  total!: number | null

  @ApiProperty()
  possible!: number
}

export function asResponse(given: object): Response {
  return given as Response
}
