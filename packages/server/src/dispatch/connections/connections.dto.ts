import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { SERVICE_IDS, type ServiceId } from '@zakuska/core'
import { IsIn, IsOptional, IsString, IsUUID, Length, MaxLength } from 'class-validator'

export class NewConnectionDto {
  @ApiProperty({ enum: SERVICE_IDS })
  @IsIn(SERVICE_IDS)
  destination!: ServiceId

  @ApiProperty({ description: 'What it is called here' })
  @IsString()
  @Length(1, 80, { message: 'Give it a name' })
  name!: string

  @ApiProperty()
  @IsString()
  @MaxLength(300)
  url!: string

  @ApiPropertyOptional({ description: 'Where it is opened by a token' })
  @IsOptional()
  @IsString()
  @Length(1, 300, { message: 'Give the token' })
  token?: string

  @ApiPropertyOptional({ description: 'The connection that is made anew' })
  @IsOptional()
  @IsUUID()
  id?: string
}

export class ConnectionDto {
  @ApiProperty()
  id!: string

  @ApiProperty({ enum: SERVICE_IDS })
  destination!: ServiceId

  @ApiProperty()
  name!: string

  @ApiProperty()
  url!: string

  @ApiProperty({ type: String, nullable: true, description: 'Why it does not work any more' })
  ended!: string | null

  @ApiProperty({
    type: 'object',
    additionalProperties: { type: 'number' },
    description: 'Over how many letters or options its own limits begin, by measure, as it told',
  })
  told!: Record<string, number>
}

/** A kind of destination that this server can reach. */
export class DestinationDto {
  @ApiProperty({ enum: SERVICE_IDS })
  id!: ServiceId

  @ApiProperty()
  name!: string

  @ApiProperty({ enum: ['token', 'consent'] })
  connects!: 'token' | 'consent'

  @ApiProperty({ enum: ['new', 'add', 'bank'], isArray: true })
  into!: ('new' | 'add' | 'bank')[]

  @ApiProperty({ description: 'What is there can be replaced in its place' })
  replaces!: boolean

  @ApiProperty({ description: 'What people open there' })
  noun!: string

  @ApiProperty({ description: 'It can keep answering to people by name' })
  knowsPeople!: boolean

  @ApiProperty({ description: 'Where it is, as far as this server knows; else empty' })
  address!: string
}

export class ConnectionsDto {
  @ApiProperty({ type: [ConnectionDto] })
  connections!: ConnectionDto[]

  @ApiProperty({ type: [DestinationDto] })
  destinations!: DestinationDto[]

  @ApiProperty({ type: [String], description: 'Addresses that this server may call; empty: this machine only' })
  allowed!: string[]
}

export class ConsentDto {
  @ApiProperty({ description: 'The page there on which it is allowed' })
  address!: string
}

export class RemoteEntryDto {
  @ApiProperty()
  title!: string

  @ApiProperty({ enum: ['question', 'part', 'text'] })
  kind!: 'question' | 'part' | 'text'
}

export class RemoteChoiceDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  title!: string

  @ApiProperty()
  count!: number

  @ApiProperty({ type: [RemoteEntryDto], description: 'Before what it can be added, in order' })
  entries!: RemoteEntryDto[]
}
