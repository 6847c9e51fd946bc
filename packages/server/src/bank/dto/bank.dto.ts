import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import { IsBoolean, IsIn, IsInt, IsObject, IsOptional, IsString, Max, MaxLength, Min } from 'class-validator'

const ANY_OBJECT = { type: 'object', additionalProperties: true } as const

export class SearchItemsDto {
  @ApiPropertyOptional({ description: 'Words, each matched at its start' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  text?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  kind?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  tag?: string

  @ApiPropertyOptional({ enum: ['yes', 'no'] })
  @IsOptional()
  @IsIn(['yes', 'no'])
  signedOff?: 'yes' | 'no'

  @ApiPropertyOptional()
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  offset?: number

  @ApiPropertyOptional()
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(500)
  limit?: number
}

export class SignOffDto {
  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string

  @ApiProperty()
  remark!: string
}

export class ItemDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ ...ANY_OBJECT, description: 'The item, as core’s Item' })
  body!: object

  @ApiProperty()
  revision!: number

  @ApiProperty({ type: SignOffDto, nullable: true })
  signOff!: SignOffDto | null

  @ApiProperty({ ...ANY_OBJECT, nullable: true })
  cameFrom!: object | null

  @ApiProperty({ type: [String], description: 'Titles of papers that hold it' })
  usedIn!: string[]

  @ApiProperty()
  updatedAt!: string
}

export class FacetDto {
  @ApiProperty()
  value!: string

  @ApiProperty()
  count!: number
}

export class ItemPageDto {
  @ApiProperty()
  total!: number

  @ApiProperty({ description: 'In the whole bank' })
  all!: number

  @ApiProperty({ description: 'In the whole bank, not signed off' })
  waiting!: number

  @ApiProperty({ type: [ItemDto] })
  items!: ItemDto[]

  @ApiProperty({ type: [FacetDto] })
  kinds!: FacetDto[]

  @ApiProperty({ type: [FacetDto] })
  tags!: FacetDto[]
}

export class NewItemDto {
  @ApiProperty(ANY_OBJECT)
  @IsObject()
  body!: object
}

export class ChangeItemDto {
  @ApiProperty(ANY_OBJECT)
  @IsObject()
  body!: object

  @ApiProperty({ description: 'The revision that was edited' })
  @IsInt()
  revision!: number
}

export class SetSignOffDto {
  @ApiProperty()
  @IsBoolean()
  signedOff!: boolean

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @MaxLength(500)
  remark?: string
}

export class RestoreDto {
  @ApiProperty()
  @IsInt()
  number!: number
}

export class RevisionDto {
  @ApiProperty()
  number!: number

  @ApiProperty(ANY_OBJECT)
  body!: object

  @ApiProperty()
  says!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string
}
