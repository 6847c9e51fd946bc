import { ApiProperty } from '@nestjs/swagger'
import { ArrayMaxSize, IsArray, IsObject } from 'class-validator'

export const ANY_OBJECT = { type: 'object', additionalProperties: true } as const

export class NearItemDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty(ANY_OBJECT)
  body!: object

  @ApiProperty({ description: '0 to 1' })
  likeness!: number
}

export class NearAskedDto {
  @ApiProperty({ type: 'array', items: ANY_OBJECT })
  @IsArray()
  @ArrayMaxSize(200)
  @IsObject({ each: true })
  bodies!: object[]
}

export class NearFoundDto {
  @ApiProperty({ type: [NearItemDto] })
  near!: NearItemDto[]
}
