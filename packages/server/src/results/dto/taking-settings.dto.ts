import { ApiProperty } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { TAKING_MODES, type TakingMode, WHO_MAY_TAKE, type WhoMayTake } from '../sitting.entity.ts'

export class ListedDto {
  @ApiProperty()
  @IsString()
  @Length(1, 120)
  name!: string

  @ApiProperty({ description: 'Opens it for this person alone; empty: none' })
  @IsString()
  @MaxLength(20)
  code!: string
}

export class TakingDto {
  @ApiProperty({ enum: TAKING_MODES })
  @IsIn(TAKING_MODES)
  mode!: TakingMode

  @ApiProperty()
  @IsBoolean()
  isOpen!: boolean

  @ApiProperty({ type: String, format: 'date-time', nullable: true })
  @ValidateIf((_given, value) => value !== null)
  @IsISO8601({ strict: true })
  opensAt!: string | null

  @ApiProperty({ type: String, format: 'date-time', nullable: true })
  @ValidateIf((_given, value) => value !== null)
  @IsISO8601({ strict: true })
  closesAt!: string | null

  @ApiProperty({ enum: WHO_MAY_TAKE })
  @IsIn(WHO_MAY_TAKE)
  who!: WhoMayTake

  @ApiProperty({ type: [ListedDto] })
  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => ListedDto)
  people!: ListedDto[]

  @ApiProperty({ type: Number, nullable: true, description: 'How often by each' })
  @ValidateIf((_given, value) => value !== null)
  @IsInt()
  @Min(1)
  @Max(100)
  attempts!: number | null

  @ApiProperty({ type: Number, nullable: true, description: 'Minutes' })
  @ValidateIf((_given, value) => value !== null)
  @IsInt()
  @Min(1)
  @Max(1440)
  timeLimit!: number | null

  @ApiProperty({ enum: ['after', 'closed', 'never'] })
  @IsIn(['after', 'closed', 'never'])
  feedbackWhen!: 'after' | 'closed' | 'never'

  @ApiProperty({ type: Number, nullable: true, description: 'Of practice: how often an item may be tried' })
  @ValidateIf((_given, value) => value !== null)
  @IsInt()
  @Min(1)
  @Max(20)
  tries!: number | null

  @ApiProperty()
  @IsBoolean()
  shuffleItems!: boolean

  @ApiProperty()
  @IsBoolean()
  shuffleOptions!: boolean
}

export class OpenHereDto {
  @ApiProperty({ description: 'Made by the caller; sent twice, it is one sitting' })
  @IsUUID()
  id!: string

  @ApiProperty()
  @IsUUID()
  paperId!: string

  @ApiProperty({ enum: TAKING_MODES })
  @IsIn(TAKING_MODES)
  mode!: TakingMode

  @ApiProperty({ description: 'Take items along that nobody has signed off' })
  @IsBoolean()
  includeUnsigned!: boolean
}

export class RosterDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty({ type: [ListedDto] })
  people!: ListedDto[]
}

export class KeepRosterDto {
  @ApiProperty()
  @IsString()
  @Length(1, 80)
  name!: string

  @ApiProperty({ type: [ListedDto] })
  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => ListedDto)
  people!: ListedDto[]
}

/** Somebody who has begun and not handed in. */
export class UnderWayDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  student!: string

  @ApiProperty({ type: String, nullable: true })
  startedAt!: string | null

  @ApiProperty({ description: 'Whether a teacher lets them go on on another device' })
  mayMove!: boolean
}
