import { ApiProperty } from '@nestjs/swagger'
import { FORMAT_IDS, type FormatId } from '@zakuska/core'
import { IsIn, IsOptional, IsString, IsUUID, MaxLength } from 'class-validator'

const REMEDIES_SAID = 'Accepted remedies, parted by commas: destination:item:remedy'

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

  @ApiProperty({ required: false, description: 'Further papers, by id, parted by commas; each in a folder of its own' })
  @IsOptional()
  @IsString()
  @MaxLength(4000)
  with?: string

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
