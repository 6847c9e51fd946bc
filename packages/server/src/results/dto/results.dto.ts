import { ApiProperty } from '@nestjs/swagger'

const ANY_OBJECT = { type: 'object', additionalProperties: true } as const

export class ResultsDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty({ type: String, nullable: true })
  fetchedAt!: string | null

  @ApiProperty({ type: 'array', items: ANY_OBJECT, description: 'Items as they were sent' })
  items!: object[]

  @ApiProperty({
    ...ANY_OBJECT,
    nullable: true,
    description: 'Core’s PaperFigures; null before responses were fetched',
  })
  figures!: object | null

  @ApiProperty({ type: 'array', items: ANY_OBJECT, description: 'Core’s Attempt' })
  attempts!: object[]
}
