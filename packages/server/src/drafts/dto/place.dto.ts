import { ApiProperty } from '@nestjs/swagger'
import { IsInt, Min } from 'class-validator'

/** A stretch of a draft's text, half-open; offsets in UTF-16 units. */
export class PlaceDto {
  @ApiProperty()
  @IsInt()
  @Min(0)
  from!: number

  @ApiProperty()
  @IsInt()
  @Min(0)
  to!: number
}
