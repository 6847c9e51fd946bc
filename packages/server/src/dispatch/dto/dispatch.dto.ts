import { ApiProperty } from '@nestjs/swagger'
import { FORMAT_IDS, type FormatId } from '@zakuska/core'
import { IsBoolean, IsIn, IsOptional, IsString, IsUUID, Length, MaxLength } from 'class-validator'

const REMEDIES_SAID = 'Accepted remedies, parted by commas: destination:item:remedy'
const ANY_OBJECT = { type: 'object', additionalProperties: true } as const

export class ConnectionDto {
  @ApiProperty()
  destination!: string

  @ApiProperty()
  url!: string

  @ApiProperty()
  hasToken!: boolean
}

export class SetConnectionDto {
  @ApiProperty()
  @IsString()
  @MaxLength(300)
  url!: string

  @ApiProperty()
  @IsString()
  @Length(1, 300, { message: 'Give the token' })
  token!: string
}

export class SendDto {
  @ApiProperty({ description: 'Made by the caller; sent twice, it is one delivery' })
  @IsUUID()
  id!: string

  @ApiProperty()
  @IsUUID()
  paperId!: string

  @ApiProperty({ enum: ['quiz', 'bank'] })
  @IsIn(['quiz', 'bank'])
  into!: 'quiz' | 'bank'

  @ApiProperty({ description: 'Take items along that nobody has signed off' })
  @IsBoolean()
  includeUnsigned!: boolean

  @ApiProperty({ required: false, description: REMEDIES_SAID })
  @IsOptional()
  @IsString()
  @MaxLength(20_000)
  remedies?: string
}

/** What to write of a paper. */
export class DownloadQuery {
  @ApiProperty({ description: 'Formats, parted by commas; several come as one zip' })
  @IsString()
  @MaxLength(200)
  formats!: string

  @ApiProperty({ required: false, enum: ['true', 'false'] })
  @IsOptional()
  @IsIn(['true', 'false'])
  unsigned?: 'true' | 'false'

  @ApiProperty({ required: false, description: REMEDIES_SAID })
  @IsOptional()
  @IsString()
  @MaxLength(20_000)
  remedies?: string

  @ApiProperty({ required: false, description: 'The column layout of tables; ours without it' })
  @IsOptional()
  @IsUUID()
  layout?: string
}

/** What the key proof says of a file before it is downloaded. */
export class FileProofDto {
  @ApiProperty({ enum: FORMAT_IDS })
  format!: FormatId

  @ApiProperty({ description: 'Items that go along and are graded by a key' })
  sent!: number

  @ApiProperty({ description: 'Probes of these items: the key, and answers that earn less' })
  probes!: number

  @ApiProperty({ description: 'Probes that are graded in the file as they are here' })
  agreeing!: number

  @ApiProperty({ description: 'Probes that are graded otherwise, as the fit report says' })
  announced!: number

  @ApiProperty({ type: [String], description: 'Stems of the items whose key or grading is not what it was' })
  wrong!: string[]
}

export class SentItemDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty()
  revision!: number

  @ApiProperty(ANY_OBJECT)
  body!: object

  @ApiProperty({ enum: ['waiting', 'created', 'refused', 'left-out'] })
  outcome!: 'waiting' | 'created' | 'refused' | 'left-out'

  @ApiProperty({ type: String, nullable: true })
  why!: string | null

  @ApiProperty({ description: 'The bank holds a newer revision than was sent' })
  changedSince!: boolean
}

export class DeliverySummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  paperId!: string

  @ApiProperty()
  title!: string

  @ApiProperty()
  destination!: string

  @ApiProperty({ enum: ['quiz', 'bank'] })
  into!: 'quiz' | 'bank'

  @ApiProperty({ enum: ['queued', 'sending', 'proving', 'done', 'failed'] })
  state!: 'queued' | 'sending' | 'proving' | 'done' | 'failed'

  @ApiProperty()
  done!: number

  @ApiProperty()
  total!: number

  @ApiProperty({ type: String, nullable: true })
  why!: string | null

  @ApiProperty({ type: String, nullable: true, description: 'Where students take it' })
  address!: string | null

  @ApiProperty({ type: String, nullable: true })
  provenAt!: string | null

  @ApiProperty({
    type: Number,
    nullable: true,
    description: 'Items whose key or probes were graded otherwise than here',
  })
  disagreeing!: number | null

  @ApiProperty({ type: Number, nullable: true })
  responseCount!: number | null

  @ApiProperty({ type: String, nullable: true })
  fetchedAt!: string | null

  @ApiProperty()
  sentBy!: string

  @ApiProperty()
  createdAt!: string
}

export class DeliveryDto extends DeliverySummaryDto {
  @ApiProperty({ type: [SentItemDto] })
  items!: SentItemDto[]

  @ApiProperty({ type: 'array', items: ANY_OBJECT, nullable: true, description: 'Core’s ItemProof, one per item' })
  proof!: object[] | null
}
