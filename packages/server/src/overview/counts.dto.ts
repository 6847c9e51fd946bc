import { ApiProperty } from '@nestjs/swagger'

/** How much waits at each station. */
export class CountsDto {
  @ApiProperty()
  drafts!: number

  @ApiProperty()
  bank!: number

  @ApiProperty()
  papers!: number

  @ApiProperty()
  dispatch!: number

  @ApiProperty()
  results!: number
}
