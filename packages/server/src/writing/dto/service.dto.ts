import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { IsBoolean, IsIn, IsInt, IsNumber, IsOptional, IsString, Length, Max, MaxLength, Min } from 'class-validator'
import { PROVIDERS, type ProviderId } from '../writing.entities.ts'

const MOST_UNITS = 1_000_000_000

export class SetWritingServiceDto {
  @ApiProperty({ enum: PROVIDERS })
  @IsIn(PROVIDERS)
  provider!: ProviderId

  @ApiProperty({ description: 'What people here call it' })
  @IsString()
  @Length(1, 80)
  name!: string

  @ApiProperty()
  @IsString()
  @MaxLength(500)
  url!: string

  @ApiPropertyOptional({ description: 'Without it, the one that is kept stays' })
  @IsOptional()
  @IsString()
  @MaxLength(500)
  key?: string

  @ApiProperty({ description: 'Of a chat model; empty otherwise' })
  @IsString()
  @MaxLength(120)
  model!: string

  @ApiProperty({ description: 'Words of one request at most' })
  @IsInt()
  @Min(50)
  @Max(1_000_000)
  words!: number

  @ApiProperty({ description: 'Units of one reply at most' })
  @IsInt()
  @Min(50)
  @Max(1_000_000)
  units!: number

  @ApiProperty({ description: 'Of 1,000 units' })
  @IsNumber()
  @Min(0)
  @Max(100_000)
  price!: number

  @ApiProperty()
  @IsString()
  @MaxLength(8)
  currency!: string

  @ApiProperty({ description: 'Units that a person may use in a month' })
  @IsInt()
  @Min(0)
  @Max(MOST_UNITS)
  cap!: number
}

export class WritingServiceDto {
  @ApiProperty({ enum: PROVIDERS })
  provider!: ProviderId

  @ApiProperty()
  name!: string

  @ApiProperty()
  url!: string

  @ApiProperty()
  model!: string

  @ApiProperty()
  hasKey!: boolean

  @ApiProperty()
  words!: number

  @ApiProperty()
  units!: number

  @ApiProperty()
  price!: number

  @ApiProperty()
  currency!: string

  @ApiProperty()
  cap!: number
}

/** What writing help there is for whoever asks, and how much of it is left. */
export class WritingDto {
  @ApiProperty({
    type: WritingServiceDto,
    nullable: true,
    description: 'Null: there is none here, and nothing is sent',
  })
  service!: WritingServiceDto | null

  @ApiProperty({ type: String, nullable: true, description: 'Why it cannot be asked; null: it can' })
  whyNot!: string | null

  @ApiProperty({ description: 'Units used this month' })
  used!: number

  @ApiProperty({ description: 'Units that there are this month' })
  cap!: number

  @ApiProperty({ description: 'Four fifths are used' })
  isNear!: boolean

  @ApiProperty({ type: [String], description: 'Origins that may be called; none: this machine' })
  allowed!: string[]

  @ApiProperty({ type: [String], description: 'Origins whose pages may be read; none: no page' })
  pages!: string[]
}

export class SetAllowanceDto {
  @ApiProperty()
  @IsBoolean()
  isAllowed!: boolean

  @ApiProperty({ type: Number, nullable: true, description: 'Null: as everybody' })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(MOST_UNITS)
  cap!: number | null
}

export class AllowanceDto {
  @ApiProperty()
  personId!: string

  @ApiProperty()
  name!: string

  @ApiProperty()
  isAllowed!: boolean

  @ApiProperty({ type: Number, nullable: true })
  cap!: number | null

  @ApiProperty({ description: 'Units used this month' })
  used!: number
}
