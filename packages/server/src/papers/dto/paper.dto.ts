import { ApiProperty } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsInt,
  IsNumber,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator'
import { ItemDto } from '../../bank/dto/bank.dto.ts'

export class NewPaperDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200)
  title!: string

  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(500)
  @IsUUID(undefined, { each: true })
  itemIds!: string[]
}

export class PaperEntryDto {
  @ApiProperty()
  @IsUUID()
  itemId!: string

  @ApiProperty()
  @IsNumber()
  @Min(0)
  @Max(1000)
  points!: number

  @ApiProperty()
  @IsBoolean()
  required!: boolean
}

export class SavePaperDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200)
  title!: string

  @ApiProperty()
  @IsString()
  @MaxLength(5000)
  instructions!: string

  @ApiProperty({ type: [PaperEntryDto] })
  @IsArray()
  @ArrayMaxSize(500)
  @ArrayUnique((entry: PaperEntryDto) => entry.itemId, { message: 'A paper holds an item once' })
  @ValidateNested({ each: true })
  @Type(() => PaperEntryDto)
  entries!: PaperEntryDto[]

  @ApiProperty()
  @IsBoolean()
  shuffleItems!: boolean

  @ApiProperty()
  @IsBoolean()
  shuffleOptions!: boolean

  @ApiProperty({ description: 'The version that was edited' })
  @IsInt()
  version!: number
}

export class PaperSummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty()
  itemCount!: number

  @ApiProperty()
  points!: number

  @ApiProperty()
  updatedAt!: string
}

export class PaperDto extends PaperSummaryDto {
  @ApiProperty()
  instructions!: string

  @ApiProperty({ type: [PaperEntryDto] })
  entries!: PaperEntryDto[]

  @ApiProperty({ type: [ItemDto], description: 'In the order of the entries' })
  items!: ItemDto[]

  @ApiProperty()
  shuffleItems!: boolean

  @ApiProperty()
  shuffleOptions!: boolean

  @ApiProperty()
  version!: number
}
