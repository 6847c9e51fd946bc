import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { IsOptional, IsString, Matches, MaxLength } from 'class-validator'
import { RECORDED, type Recorded } from './record.entity.ts'

export class RecordQuery {
  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(100)
  text?: string

  @ApiPropertyOptional({ description: 'Id of the last line of the page before' })
  @IsOptional()
  @Matches(/^\d{1,18}$/)
  before?: string
}

export class RecordEntryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  at!: string

  @ApiProperty()
  by!: string

  @ApiProperty({ enum: RECORDED })
  what!: Recorded

  @ApiProperty()
  says!: string
}

export class RecordPageDto {
  @ApiProperty({ type: [RecordEntryDto] })
  entries!: RecordEntryDto[]

  @ApiProperty()
  isMore!: boolean
}
