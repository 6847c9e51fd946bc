import { ApiProperty } from '@nestjs/swagger'
import { IsBoolean, IsNotEmpty, IsString, MaxLength } from 'class-validator'

export class NewRemarkDto {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'Say something' })
  @MaxLength(2000)
  says!: string
}

export class SettleDto {
  @ApiProperty()
  @IsBoolean()
  settled!: boolean
}

export class RemarkDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  itemId!: string

  @ApiProperty({ description: 'The item’s stem, to know it by' })
  stem!: string

  @ApiProperty()
  says!: string

  @ApiProperty()
  by!: string

  @ApiProperty()
  at!: string

  @ApiProperty({ type: String, nullable: true, description: 'Null: open' })
  settledBy!: string | null

  @ApiProperty({ type: String, nullable: true })
  settledAt!: string | null
}
