import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { COLUMN_ROLES, type ColumnLayout, type DocumentBlock, type KeyForm } from '@zakuska/core'
import {
  IsDefined,
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsInt,
  IsString,
  Length,
  Max,
  Min,
  ValidateNested,
  IsObject,
} from 'class-validator'
import { Type } from 'class-transformer'
import { StyleDto } from './draft.dto.ts'

const FILE_TYPES = ['text', 'word', 'open-text', 'rtf', 'pdf', 'workbook', 'csv', 'html', 'items'] as const

/** What a file turned out to hold, before it is a draft. */
export class OpenedFileDto {
  @ApiProperty({ enum: FILE_TYPES })
  type!: (typeof FILE_TYPES)[number]

  @ApiProperty()
  text!: string

  @ApiProperty({ type: [StyleDto] })
  styles!: StyleDto[]

  @ApiPropertyOptional({
    type: 'array',
    items: { type: 'object', additionalProperties: true },
    description: 'The document’s blocks, where it has tables whose columns may have to be corrected',
  })
  blocks?: DocumentBlock[]

  @ApiProperty({ type: [String], description: 'What of the file could not be read, a sentence each' })
  notes!: string[]
}

const KEY_FORMS = ['letter', 'number', 'zero-based', 'text'] as const satisfies readonly KeyForm[]

export class LayoutDto implements ColumnLayout {
  @ApiProperty({ enum: COLUMN_ROLES, isArray: true })
  @IsArray()
  @ArrayMaxSize(200)
  @IsIn(COLUMN_ROLES, { each: true })
  roles!: ColumnLayout['roles'][number][]

  @ApiProperty()
  @IsInt()
  @Min(0)
  @Max(1000)
  leadingRows!: number

  @ApiProperty({ enum: KEY_FORMS })
  @IsIn(KEY_FORMS)
  keyForm!: KeyForm
}

export class NewColumnLayoutDto {
  @ApiProperty()
  @IsString()
  @Length(1, 80)
  name!: string

  @ApiProperty({ type: LayoutDto })
  @IsObject()
  @IsDefined()
  @ValidateNested()
  @Type(() => LayoutDto)
  layout!: LayoutDto
}

export class ColumnLayoutDto extends NewColumnLayoutDto {
  @ApiProperty()
  id!: string
}
