import { ApiProperty } from '@nestjs/swagger'
import { ArrayMaxSize, IsArray, IsString, IsUUID, Matches, MaxLength } from 'class-validator'

export class ToTranslateDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayMaxSize(500)
  @IsUUID(undefined, { each: true })
  ids!: string[]

  @ApiProperty({ description: 'BCP 47 tag of the language to translate into' })
  @Matches(/^[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$/, { message: 'Name the language by its tag, such as sv or pt-BR' })
  language!: string
}

export class XliffDto {
  @ApiProperty({ description: 'XLIFF 2' })
  @IsString()
  @MaxLength(20_000_000)
  text!: string
}

export class TranslatedDto {
  @ApiProperty()
  created!: number

  @ApiProperty()
  updated!: number

  @ApiProperty()
  unchanged!: number

  @ApiProperty({ description: 'Texts that are not translated yet' })
  open!: number

  @ApiProperty({ description: 'Items in the file that are not in the bank' })
  unknown!: number
}
