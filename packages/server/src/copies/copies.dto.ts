import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
} from 'class-validator'
import { COPIED_KINDS, type CopiedKind } from './copy-link.entity.ts'
import { ITEM } from '../http/core-schemas.ts'

export class NewCopyLinkDto {
  @ApiProperty({ enum: COPIED_KINDS })
  @IsIn(COPIED_KINDS)
  kind!: CopiedKind

  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(2000)
  @IsUUID(undefined, { each: true })
  ids!: string[]

  @ApiPropertyOptional({ description: 'What it is called there; the paper’s or draft’s own title where none is given' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  title?: string

  @ApiPropertyOptional({ description: 'Days until it expires; 30 where none are given' })
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(366)
  days?: number
}

export class CopyLinkDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ enum: COPIED_KINDS })
  kind!: CopiedKind

  @ApiProperty()
  title!: string

  @ApiProperty()
  madeBy!: string

  @ApiProperty({ type: String, nullable: true })
  expiresAt!: string | null

  @ApiProperty({ description: 'How often it was used' })
  copies!: number
}

export class NewCopyLinkMadeDto extends CopyLinkDto {
  @ApiProperty({ description: 'To be shown once: it is kept nowhere' })
  token!: string
}

/** A set that is there for everybody on the server. */
export class ReadyMadeSetDto {
  @ApiProperty({ description: 'Stands for the token of its link' })
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty({ description: 'The outcome that it teaches to' })
  outcome!: string

  @ApiProperty({ description: 'Name of the workspace that it comes from' })
  from!: string

  @ApiProperty({ type: [String], description: 'The kind of each item' })
  kinds!: string[]

  @ApiProperty({ description: 'Items of this bank that were copied from it' })
  here!: number
}

export class CopiedItemDto {
  @ApiProperty(ITEM)
  body!: object

  @ApiProperty({ description: 'Where it will lie in the bank' })
  category!: string
}

/** What a link will copy. */
export class CopyPreviewDto {
  @ApiProperty({ enum: COPIED_KINDS })
  kind!: CopiedKind

  @ApiProperty()
  title!: string

  @ApiProperty({ description: 'Name of the workspace that it comes from' })
  from!: string

  @ApiProperty()
  madeBy!: string

  @ApiProperty({ type: [CopiedItemDto], description: 'Of items and papers' })
  items!: CopiedItemDto[]

  @ApiProperty({ type: String, nullable: true, description: 'Of a draft: its text' })
  text!: string | null
}

export class CopiedDto {
  @ApiProperty({ enum: COPIED_KINDS })
  kind!: CopiedKind

  @ApiProperty({ type: String, nullable: true, description: 'Of the paper or draft that was made' })
  id!: string | null

  @ApiProperty({ description: 'Items that were made' })
  itemCount!: number
}
