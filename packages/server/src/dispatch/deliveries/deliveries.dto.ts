import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { SERVICE_IDS, type ServiceId } from '@zakuska/core'
import { Type } from 'class-transformer'
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator'
import { INTO, type IntoKind } from '../adapters/contract.ts'
import { DELIVERY_STATES, OUTCOMES, type DeliveryState, type Outcome } from './delivery.entity.ts'
import { ITEM, PROOFS } from '../../http/core-schemas.ts'

export const REMEDIES_SAID = 'Accepted remedies, parted by commas: destination:item:remedy'
/** What is set for all items of one delivery, but for the exceptions. */
export class ForAllDto {
  @ApiPropertyOptional()
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(1000)
  points?: number

  @ApiPropertyOptional()
  @IsOptional()
  @IsBoolean()
  required?: boolean

  @ApiPropertyOptional({ description: 'Items change places within their sections' })
  @IsOptional()
  @IsBoolean()
  shuffleItems?: boolean

  @ApiPropertyOptional({ description: 'False keeps the options of all items in their order' })
  @IsOptional()
  @IsBoolean()
  shuffleOptions?: boolean

  @ApiPropertyOptional({ description: 'Seconds for each item' })
  @IsOptional()
  @IsInt()
  @Min(5)
  @Max(3600)
  timeLimit?: number

  @ApiPropertyOptional({ enum: ['each', 'after', 'never'] })
  @IsOptional()
  @IsIn(['each', 'after', 'never'])
  feedbackWhen?: 'each' | 'after' | 'never'

  @ApiPropertyOptional({ type: [String], description: 'Items that stay as the paper has them' })
  @IsOptional()
  @IsArray()
  @ArrayMaxSize(2000)
  @IsUUID(undefined, { each: true })
  exceptions?: string[]
}

export class SendDto {
  @ApiProperty({ description: 'Made by the caller; sent twice, it is one delivery' })
  @IsUUID()
  id!: string

  @ApiProperty()
  @IsUUID()
  paperId!: string

  @ApiProperty()
  @IsUUID()
  connectionId!: string

  @ApiProperty({ enum: INTO })
  @IsIn(INTO)
  into!: IntoKind

  @ApiPropertyOptional({ description: 'Of `add`, and where wanted of `bank`: what is added to there' })
  @IsOptional()
  @IsString()
  @MaxLength(200)
  addTo?: string

  @ApiPropertyOptional({ description: 'Where in it, counted from 0; at its end without it' })
  @IsOptional()
  @IsInt()
  @Min(0)
  @Max(10_000)
  addAt?: number

  @ApiProperty({ description: 'Take items along that nobody has signed off' })
  @IsBoolean()
  includeUnsigned!: boolean

  @ApiPropertyOptional({ description: REMEDIES_SAID })
  @IsOptional()
  @IsString()
  @MaxLength(200_000)
  remedies?: string

  @ApiPropertyOptional({ type: ForAllDto })
  @IsOptional()
  @ValidateNested()
  @Type(() => ForAllDto)
  forAll?: ForAllDto

  @ApiPropertyOptional({
    description: 'The delivery that is sent again: only what changed goes, in place where it can',
  })
  @IsOptional()
  @IsUUID()
  again?: string
}

export class SetOpenDto {
  @ApiProperty()
  @IsBoolean()
  isOpen!: boolean
}

export class PeopleDto {
  @ApiProperty({ type: [String], nullable: true, description: 'Names as people give them; null: anybody' })
  @ValidateIf((_given, value) => value !== null)
  @IsArray()
  @ArrayMinSize(1, { message: 'Give at least one name.' })
  @ArrayMaxSize(1000)
  @IsString({ each: true })
  @Length(1, 120, { each: true })
  people!: string[] | null
}

export class OpeningDto {
  @ApiProperty({ type: String, format: 'date-time', nullable: true, description: 'When it opens by itself; null: now' })
  @ValidateIf((_given, value) => value !== null)
  @IsISO8601({ strict: true })
  opensAt!: string | null

  @ApiProperty({
    type: String,
    format: 'date-time',
    nullable: true,
    description: 'When it closes by itself; null: by hand',
  })
  @ValidateIf((_given, value) => value !== null)
  @IsISO8601({ strict: true })
  closesAt!: string | null
}

export class SentItemDto {
  @ApiProperty()
  itemId!: string

  @ApiProperty()
  revision!: number

  @ApiProperty({ description: 'Its name there' })
  name!: string

  @ApiProperty(ITEM)
  body!: object

  @ApiProperty({ enum: OUTCOMES })
  outcome!: Outcome

  @ApiProperty({ type: String, nullable: true })
  why!: string | null

  @ApiProperty({ type: [String], description: 'What was changed of it, and what is not held there' })
  changes!: string[]

  @ApiProperty({
    enum: ['edited', 'key', 'removed'],
    nullable: true,
    type: String,
    description: 'What became of it here since',
  })
  since!: 'edited' | 'key' | 'removed' | null
}

/** What changed here since it was sent. */
export class SinceDto {
  @ApiProperty()
  edited!: number

  @ApiProperty({ description: 'Of these, items whose key changed' })
  keys!: number

  @ApiProperty()
  added!: number

  @ApiProperty()
  removed!: number
}

export class DeliverySummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  paperId!: string

  @ApiProperty()
  title!: string

  @ApiProperty({ enum: SERVICE_IDS })
  destination!: ServiceId

  @ApiProperty({ type: String, nullable: true })
  connectionId!: string | null

  @ApiProperty({ description: 'Name of the connection, as it was' })
  connectionName!: string

  @ApiProperty({ enum: INTO })
  into!: IntoKind

  @ApiProperty({ enum: DELIVERY_STATES })
  state!: DeliveryState

  @ApiProperty()
  done!: number

  @ApiProperty()
  total!: number

  @ApiProperty({ type: String, nullable: true })
  why!: string | null

  @ApiProperty({ type: String, nullable: true, description: 'Where people take it' })
  address!: string | null

  @ApiProperty({ type: String, nullable: true, description: 'Where it is run from' })
  manage!: string | null

  @ApiProperty({ type: String, nullable: true })
  joinCode!: string | null

  @ApiProperty({ description: 'Whether people can take it there' })
  isOpen!: boolean

  @ApiProperty({ type: String, nullable: true, description: 'When it opens there by itself' })
  opensAt!: string | null

  @ApiProperty({ type: String, nullable: true, description: 'When it closes there by itself' })
  closesAt!: string | null

  @ApiProperty({ type: [String], nullable: true, description: 'Who may answer there; null: anybody' })
  people!: string[] | null

  @ApiProperty({ type: String, nullable: true })
  again!: string | null

  @ApiProperty({ type: String, nullable: true })
  provenAt!: string | null

  @ApiProperty({
    type: Number,
    nullable: true,
    description: 'Items whose key or probes were graded otherwise than here',
  })
  disagreeing!: number | null

  @ApiProperty()
  sentBy!: string

  @ApiProperty()
  createdAt!: string
}

/** What was asked for besides. */
export class AskedForDto {
  @ApiProperty({ description: REMEDIES_SAID })
  remedies!: string

  @ApiProperty()
  includeUnsigned!: boolean

  @ApiProperty({ type: ForAllDto, nullable: true })
  forAll!: object | null
}

export class DeliveryDto extends DeliverySummaryDto {
  @ApiProperty({ type: [SentItemDto] })
  items!: SentItemDto[]

  @ApiProperty({ type: AskedForDto, nullable: true })
  asked!: AskedForDto | null

  @ApiProperty({ type: SinceDto })
  since!: SinceDto

  @ApiProperty({ ...PROOFS, nullable: true, description: 'One per item' })
  proof!: object[] | null
}
