import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsDefined,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator'
import { BankFilterDto } from './filter.dto.ts'

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
