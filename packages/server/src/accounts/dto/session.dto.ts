import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { CHECK_CODES, type CheckCode } from '@zakuska/core'
import {
  IsArray,
  IsEmail,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator'

export class SignInDto {
  @ApiProperty()
  @IsEmail({}, { message: 'Give an e-mail address' })
  email!: string

  @ApiProperty()
  @IsString()
  @Length(1, 200, { message: 'Give the password' })
  password!: string
}

export class WorkspaceSettingsDto {
  @ApiPropertyOptional({ type: String, description: 'Address of a look-up, with {words} where the words go' })
  @IsOptional()
  @Matches(/^https?:\/\/[^\s]+\{words\}/, {
    message: 'The look-up address begins with http:// or https:// and holds {words} where the words go',
  })
  @MaxLength(300)
  lookUp?: string

  @ApiPropertyOptional({ description: 'Years of school of the readers' })
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(18)
  targetGrade?: number

  @ApiPropertyOptional({ type: [String], enum: CHECK_CODES })
  @IsOptional()
  @IsArray()
  @IsIn(CHECK_CODES, { each: true })
  checksOff?: CheckCode[]
}
