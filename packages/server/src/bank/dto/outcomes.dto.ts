import { ApiProperty } from '@nestjs/swagger'
import { IsString, MaxLength } from 'class-validator'

const MAX_FILE_LETTERS = 5_000_000

export class OutcomesFileDto {
  @ApiProperty({ description: 'A CASE package as JSON, or a table of code, statement, parent' })
  @IsString()
  @MaxLength(MAX_FILE_LETTERS)
  text!: string
}

export class OutcomeDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ type: String, nullable: true })
  parentId!: string | null

  @ApiProperty()
  code!: string

  @ApiProperty()
  statement!: string

  @ApiProperty({ description: 'Items that name it' })
  itemCount!: number

  @ApiProperty({ description: 'Of these, signed off' })
  signedCount!: number
}

export class ProposalDto {
  @ApiProperty()
  code!: string

  @ApiProperty()
  statement!: string

  @ApiProperty({ description: '0 to 1' })
  likeness!: number
}
