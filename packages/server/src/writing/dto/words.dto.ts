import { ApiProperty } from '@nestjs/swagger'
import { ArrayMaxSize, ArrayNotEmpty, IsArray, IsString, Length, MaxLength } from 'class-validator'
import { PARTS_OF_SPEECH, type PartOfSpeech } from '../../words/word-net.ts'
import type { WordForm } from '../../words/forms.ts'

/** Words of one list at most. */
export const MOST_WORDS = 60
const FORMS = ['base', 'plural', 'past', 'gerund', 'third-person', 'comparative', 'superlative'] as const

export class LookUpDto {
  @ApiProperty({ type: [String] })
  @IsArray()
  @ArrayNotEmpty()
  @ArrayMaxSize(MOST_WORDS, { message: `A list has ${MOST_WORDS} words at most` })
  @IsString({ each: true })
  @Length(1, 60, { each: true })
  words!: string[]

  @ApiProperty({ description: 'The text that they stand in; empty: none' })
  @IsString()
  @MaxLength(200_000)
  passage!: string
}

export class WordSenseDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ enum: PARTS_OF_SPEECH })
  pos!: PartOfSpeech

  @ApiProperty()
  lemma!: string

  @ApiProperty({ enum: FORMS })
  form!: WordForm

  @ApiProperty({ type: 'object', additionalProperties: { type: 'string' }, description: 'Its forms by their names' })
  forms!: Partial<Record<WordForm, string>>

  @ApiProperty()
  definition!: string

  @ApiProperty({ type: String, nullable: true })
  example!: string | null

  @ApiProperty({ type: String, nullable: true, description: 'The form of the word in the example' })
  inExample!: string | null

  @ApiProperty({ type: [String], description: 'Words that mean the same or nearly so' })
  related!: string[]
}

export class InPassageDto {
  @ApiProperty()
  sentence!: string

  @ApiProperty({ description: 'The form in which the word stands there' })
  as!: string
}

export class LookedUpDto {
  @ApiProperty()
  word!: string

  @ApiProperty({ type: [WordSenseDto], description: 'None: it has no entry' })
  senses!: WordSenseDto[]

  @ApiProperty({ description: 'Place of the likely sense; −1 where there is none' })
  likely!: number

  @ApiProperty({ type: InPassageDto, nullable: true })
  inPassage!: InPassageDto | null
}
