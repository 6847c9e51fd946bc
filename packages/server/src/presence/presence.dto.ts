import { ApiProperty } from '@nestjs/swagger'
import { Matches } from 'class-validator'

export class HereDto {
  @ApiProperty({ description: 'What is open: "draft:…", "item:…" or "paper:…" with its id' })
  @Matches(/^(?:draft|item|paper):[\da-f-]{36}$/, {
    message: 'Name what is open, as draft:, item: or paper: with its id',
  })
  place!: string
}

export class OthersHereDto {
  @ApiProperty({ type: [String], description: 'Names of who else has it open' })
  others!: string[]
}
