import { ApiPropertyOptional } from '@nestjs/swagger'
import { IsIn, IsOptional, IsString, MaxLength } from 'class-validator'
import { CHECK_CODES } from '@zakuska/core'
import { type BankFilter, SHARE_BANDS, type ShareBand, TELLING_BANDS, type TellingBand } from '../bank-filter.ts'

export const YES_NO = ['yes', 'no'] as const

/** What the bank is narrowed by; every field is optional. */
export class BankFilterDto implements BankFilter {
  @ApiPropertyOptional({ description: 'Words, each matched at its start or by its stem; "a phrase"; -without' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  text?: string

  @ApiPropertyOptional({ description: 'Items in it, and in what lies under it' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  category?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(40)
  kind?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(200)
  tag?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(400)
  outcome?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(200)
  level?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(200)
  difficulty?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(40)
  language?: string

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  signedOff?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  hasKey?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  hasPicture?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO, description: 'In a paper' })
  @IsOptional()
  @IsIn(YES_NO)
  used?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: YES_NO })
  @IsOptional()
  @IsIn(YES_NO)
  sent?: 'yes' | 'no'

  @ApiPropertyOptional({ enum: Object.keys(SHARE_BANDS), description: 'Share of the points in all sittings' })
  @IsOptional()
  @IsIn(Object.keys(SHARE_BANDS))
  share?: ShareBand

  @ApiPropertyOptional({
    enum: Object.keys(TELLING_BANDS),
    description: 'How well it tells people apart in all sittings',
  })
  @IsOptional()
  @IsIn(Object.keys(TELLING_BANDS))
  tells?: TellingBand

  @ApiPropertyOptional({ description: 'Code of a writing check that finds something' })
  @IsOptional()
  @IsIn(CHECK_CODES)
  finding?: string
}
