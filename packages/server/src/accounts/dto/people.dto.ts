import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger'
import { IsEmail, IsIn, IsNotEmpty, IsOptional, IsString, IsUUID, Length, MaxLength } from 'class-validator'
import { LONGEST_PASSWORD } from '../passwords.ts'
import { RIGHTS, ROLES, type Right, type Role } from '../../access/permissions.ts'

const LONGEST_NAME = 120

export class ProfileDto {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'Give a name' })
  @MaxLength(LONGEST_NAME)
  name!: string

  @ApiProperty()
  @IsEmail({}, { message: 'Give an e-mail address' })
  @MaxLength(200)
  email!: string

  @ApiPropertyOptional({ description: 'Needed where the address changes' })
  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_PASSWORD)
  password?: string
}

export class NewPasswordDto {
  @ApiProperty()
  @IsString()
  @Length(1, LONGEST_PASSWORD, { message: 'Give the password that you have' })
  old!: string

  @ApiProperty()
  @IsString()
  @Length(1, LONGEST_PASSWORD, { message: 'Give the new password' })
  password!: string
}

export class NewPersonDto {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'Give a name' })
  @MaxLength(LONGEST_NAME)
  name!: string

  @ApiProperty()
  @IsEmail({}, { message: 'Give an e-mail address' })
  @MaxLength(200)
  email!: string

  @ApiProperty()
  @IsString()
  @Length(1, LONGEST_PASSWORD, { message: 'Give a password' })
  password!: string
}

export class FirstRunDto extends NewPersonDto {
  @ApiProperty({ description: 'As it was printed at the start of the server' })
  @IsString()
  @Length(1, 200, { message: 'Give the token that was printed at the start' })
  token!: string

  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'Give the workspace a name' })
  @MaxLength(LONGEST_NAME)
  workspace!: string
}

export class FirstRunStateDto {
  @ApiProperty({ description: 'Nobody has an account yet' })
  isOpen!: boolean
}

export class WorkspaceNameDto {
  @ApiProperty()
  @IsString()
  @IsNotEmpty({ message: 'Give the workspace a name' })
  @MaxLength(LONGEST_NAME)
  name!: string
}

export class ChooseWorkspaceDto {
  @ApiProperty()
  @IsUUID()
  id!: string
}

export class SetRoleDto {
  @ApiProperty({ enum: ROLES })
  @IsIn(ROLES)
  role!: Role
}

export class InviteDto extends SetRoleDto {
  @ApiProperty({ description: 'Who it is for, in your own words' })
  @IsString()
  @MaxLength(LONGEST_NAME)
  note!: string
}

/** What makes somebody new through an invitation, or a new password. */
export class TakeUpDto {
  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @IsNotEmpty({ message: 'Give a name' })
  @MaxLength(LONGEST_NAME)
  name?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsEmail({}, { message: 'Give an e-mail address' })
  @MaxLength(200)
  email?: string

  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @Length(1, LONGEST_PASSWORD, { message: 'Give a password' })
  password?: string
}

export class WorkspaceSummaryDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty({ enum: ROLES })
  role!: Role

  @ApiProperty({ description: 'Deleted; its owners can bring it back for a time' })
  isDeleted!: boolean
}

export class PersonDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty()
  email!: string

  @ApiProperty({ description: 'Name of the workspace that is open' })
  workspace!: string

  @ApiProperty()
  workspaceId!: string

  @ApiProperty({ enum: ROLES })
  role!: Role

  @ApiProperty({ enum: RIGHTS, isArray: true })
  rights!: Right[]

  @ApiProperty({ type: [WorkspaceSummaryDto] })
  workspaces!: WorkspaceSummaryDto[]
}

export class SessionDto {
  @ApiProperty()
  since!: string

  @ApiProperty({ description: 'What the browser calls itself' })
  agent!: string

  @ApiProperty({ description: 'The one that asks' })
  isThis!: boolean
}

export class MemberDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty()
  email!: string

  @ApiProperty({ enum: ROLES })
  role!: Role
}

export class InvitationDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  note!: string

  @ApiProperty({ enum: ROLES })
  role!: Role

  @ApiProperty()
  madeBy!: string

  @ApiProperty()
  expiresAt!: string
}

export class WorkspaceDto {
  @ApiProperty()
  id!: string

  @ApiProperty()
  name!: string

  @ApiProperty({ type: [MemberDto] })
  members!: MemberDto[]

  @ApiProperty({ type: [InvitationDto], description: 'Not taken up yet; for owners' })
  invitations!: InvitationDto[]

  @ApiProperty({ type: String, nullable: true, description: 'Deleted, and gone for good then' })
  goneAt!: string | null
}

export class NewLinkDto {
  @ApiProperty({ description: 'To be shown once: it is kept nowhere' })
  token!: string

  @ApiProperty()
  expiresAt!: string
}

export class LinkDto {
  @ApiProperty({ enum: ['invitation', 'password'] })
  kind!: 'invitation' | 'password'

  @ApiProperty({ type: String, nullable: true, description: 'Of an invitation: where to' })
  workspace!: string | null

  @ApiProperty({ enum: ROLES, nullable: true })
  role!: Role | null

  @ApiProperty({ type: String, nullable: true, description: 'Of a password: whose' })
  person!: string | null

  @ApiProperty()
  madeBy!: string
}
