import { ApiProperty } from '@nestjs/swagger'
import { ArrayMaxSize, IsArray, IsObject } from 'class-validator'
import { ITEM, ITEMS } from '../../http/core-schemas.ts'

export class NearItemDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty(ITEM)
  body!: object

  @ApiProperty({ description: '0 to 1' })
  likeness!: number
}

export class NearAskedDto {
  @ApiProperty(ITEMS)
  @IsArray()
  @ArrayMaxSize(200)
  @IsObject({ each: true })
  bodies!: object[]
}

export class NearFoundDto {
  @ApiProperty({ type: [NearItemDto] })
  near!: NearItemDto[]
}
