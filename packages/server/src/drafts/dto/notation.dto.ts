import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { LINE_PARTS, ROLES, type LineLook, type LinePart, type NotationRule, type Role } from '@zakuska/core'
import { Type } from 'class-transformer'
import {
  IsDefined,
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsOptional,
  IsString,
  Length,
  MaxLength,
  ValidateNested,
  IsObject,
} from 'class-validator'
import { PlaceDto } from './place.dto.ts'

const MOST_RULES = 500
const LONGEST_SIGN = 80
const DRESSES = ['bold', 'slanted', 'coloured'] as const
const PLACES = ['first', 'inside', 'last', 'alone'] as const

/** What a person said that a line is. */
export class TaughtLineDto extends PlaceDto {
  @ApiProperty({ enum: LINE_PARTS })
  @IsIn(LINE_PARTS)
  part!: LinePart

  @ApiProperty({ description: 'Whether lines that look alike are read the same way' })
  @IsBoolean()
  alike!: boolean
}

export class LineLookDto implements LineLook {
  @ApiProperty()
  @IsString()
  @MaxLength(LONGEST_SIGN)
  sort!: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_SIGN)
  label?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_SIGN)
  word?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_SIGN)
  sign?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_SIGN)
  tail?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_SIGN)
  end?: string

  @ApiPropertyOptional({ enum: DRESSES })
  @IsOptional()
  @IsIn(DRESSES)
  dress?: (typeof DRESSES)[number]

  @ApiPropertyOptional({ enum: PLACES })
  @IsOptional()
  @IsIn(PLACES)
  place?: (typeof PLACES)[number]
}

export class NotationRuleDto implements NotationRule {
  @ApiProperty({ type: LineLookDto })
  @IsObject()
  @IsDefined()
  @ValidateNested()
  @Type(() => LineLookDto)
  look!: LineLookDto

  @ApiProperty({ enum: ROLES })
  @IsIn(ROLES)
  was!: Role

  @ApiProperty({ enum: LINE_PARTS })
  @IsIn(LINE_PARTS)
  part!: LinePart
}

export class NotationDto {
  @ApiProperty()
  @IsString()
  @Length(1, 80)
  name!: string

  @ApiProperty({ type: [NotationRuleDto] })
  @IsArray()
  @ArrayMaxSize(MOST_RULES)
  @ValidateNested({ each: true })
  @Type(() => NotationRuleDto)
  rules!: NotationRuleDto[]
}

export class KeptNotationDto extends NotationDto {
  @ApiProperty()
  id!: string
}
