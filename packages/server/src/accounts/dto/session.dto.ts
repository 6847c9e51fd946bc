import { ApiProperty } from '@nestjs/swagger'
import { IsEmail, IsString, Length } from 'class-validator'

export class SignInDto {
  @ApiProperty()
  @IsEmail({}, { message: 'Give an e-mail address' })
  email!: string

  @ApiProperty()
  @IsString()
  @Length(1, 200, { message: 'Give the password' })
  password!: string
}

export class PersonDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty()
  workspace!: string
}

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
