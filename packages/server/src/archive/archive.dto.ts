import { ApiProperty } from '@nestjs/swagger'
import { Type } from 'class-transformer'
import {
  IsDefined,
  ArrayMaxSize,
  Equals,
  IsArray,
  IsNotEmpty,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
  ValidateNested,
} from 'class-validator'
import { WorkspaceSettingsDto } from '../accounts/dto/session.dto.ts'
import { NewSavedFilterDto } from '../bank/dto/bank.dto.ts'
import { NewDraftDto } from '../drafts/dto/draft.dto.ts'
import { NotationDto } from '../drafts/dto/notation.dto.ts'
import { NewColumnLayoutDto } from '../drafts/dto/opened-file.dto.ts'
import { SavePaperDto } from '../papers/dto/paper.dto.ts'

/** Names in the archive: what it can be made again from, and the folder of pictures. */
export const MAIN_FILE = 'workspace.json'
export const PICTURES = 'pictures/'

const LONGEST_NAME = 200
const MOST = 100_000

export class ArchivedOutcomeDto {
  @IsUUID()
  id!: string

  @IsOptional()
  @IsUUID()
  parent!: string | null

  @IsString()
  @MaxLength(LONGEST_NAME)
  code!: string

  @IsString()
  @MaxLength(2000)
  statement!: string
}

export class ArchivedRevisionDto {
  @IsObject()
  body!: object

  @IsString()
  @MaxLength(1000)
  says!: string

  @IsString()
  @MaxLength(LONGEST_NAME)
  by!: string

  @IsString()
  @MaxLength(40)
  at!: string
}

export class ArchivedItemDto {
  @IsUUID()
  id!: string

  @IsString()
  @MaxLength(LONGEST_NAME)
  category!: string

  /** Oldest first; the last is the item as it is. */
  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => ArchivedRevisionDto)
  history!: ArchivedRevisionDto[]

  @IsOptional()
  @IsObject()
  signOff!: { by: string; at: string; remark: string; fingerprint: string } | null

  @IsOptional()
  @IsObject()
  cameFrom!: { draftId: string; title: string; lines: [number, number]; text?: string; evidence?: unknown } | null

  @IsOptional()
  @IsUUID()
  variantOf!: string | null
}

export class ArchivedPaperDto extends SavePaperDto {
  @IsUUID()
  id!: string
}

/** `workspace.json` of an archive: all of a workspace but its people, its record and its deliveries. */
export class ArchiveDto {
  @Equals(1, { message: 'This archive was made by a newer version' })
  archive!: 1

  @IsString()
  @IsNotEmpty()
  @MaxLength(LONGEST_NAME)
  name!: string

  @IsObject()
  @IsDefined()
  @ValidateNested()
  @Type(() => WorkspaceSettingsDto)
  settings!: WorkspaceSettingsDto

  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => ArchivedOutcomeDto)
  outcomes!: ArchivedOutcomeDto[]

  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => ArchivedItemDto)
  items!: ArchivedItemDto[]

  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => NewDraftDto)
  drafts!: NewDraftDto[]

  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => ArchivedPaperDto)
  papers!: ArchivedPaperDto[]

  @IsArray()
  @ArrayMaxSize(1000)
  @ValidateNested({ each: true })
  @Type(() => NewSavedFilterDto)
  filters!: NewSavedFilterDto[]

  @IsArray()
  @ArrayMaxSize(1000)
  @ValidateNested({ each: true })
  @Type(() => NotationDto)
  notations!: NotationDto[]

  @IsArray()
  @ArrayMaxSize(1000)
  @ValidateNested({ each: true })
  @Type(() => NewColumnLayoutDto)
  layouts!: NewColumnLayoutDto[]
}

export class TakenInDto {
  @ApiProperty({ description: 'The workspace that was made' })
  id!: string

  @ApiProperty()
  itemCount!: number

  @ApiProperty()
  draftCount!: number

  @ApiProperty()
  paperCount!: number
}
