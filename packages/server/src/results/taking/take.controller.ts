import { Body, Controller, Get, Headers, HttpCode, Ip, Param, Post, Put } from '@nestjs/common'
import { ApiBearerAuth, ApiOkResponse, ApiTags } from '@nestjs/swagger'
import {
  AnswerDto,
  AnswersDto,
  BeginDto,
  BegunDto,
  PlaceDto,
  SavedDto,
  ShownItemDto,
  TakeAboutDto,
  TakingAttemptDto,
} from './take.dto.ts'
import { TakingService } from './taking.service.ts'

/** For who takes a paper: nobody signs in; an attempt is opened by its token alone (RFC 6750, section 2.1). */
@ApiTags('take')
@ApiBearerAuth()
@Controller('api/take/:code')
export class TakeController {
  constructor(private readonly taking: TakingService) {}

  @Get()
  @ApiOkResponse({ type: TakeAboutDto })
  about(@Param('code') code: string, @Ip() address: string): Promise<TakeAboutDto> {
    return this.taking.about(code, address)
  }

  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: BegunDto })
  begin(@Param('code') code: string, @Body() given: BeginDto, @Ip() address: string): Promise<BegunDto> {
    return this.taking.begin(code, given, address)
  }

  @Get('attempt')
  @ApiOkResponse({ type: TakingAttemptDto })
  attempt(@Param('code') code: string, @Headers('authorization') by: string | undefined): Promise<TakingAttemptDto> {
    return this.taking.attempt(code, tokenIn(by))
  }

  @Put('attempt/answers')
  @ApiOkResponse({ type: SavedDto })
  save(
    @Param('code') code: string,
    @Headers('authorization') by: string | undefined,
    @Body() { answers }: AnswersDto,
  ): Promise<SavedDto> {
    return this.taking.save(code, tokenIn(by), answers)
  }

  @Post('attempt/hand-in')
  @HttpCode(200)
  @ApiOkResponse({ type: TakingAttemptDto })
  handIn(
    @Param('code') code: string,
    @Headers('authorization') by: string | undefined,
    @Body() { answers }: AnswersDto,
  ): Promise<TakingAttemptDto> {
    return this.taking.handIn(code, tokenIn(by), answers)
  }

  @Post('attempt/check')
  @HttpCode(200)
  @ApiOkResponse({ type: ShownItemDto })
  check(
    @Param('code') code: string,
    @Headers('authorization') by: string | undefined,
    @Body() answer: AnswerDto,
  ): Promise<ShownItemDto> {
    return this.taking.check(code, tokenIn(by), answer)
  }

  @Post('attempt/hint')
  @HttpCode(200)
  @ApiOkResponse({ type: ShownItemDto })
  hint(
    @Param('code') code: string,
    @Headers('authorization') by: string | undefined,
    @Body() { at }: PlaceDto,
  ): Promise<ShownItemDto> {
    return this.taking.hint(code, tokenIn(by), at)
  }
}

function tokenIn(header: string | undefined): string {
  return /^Bearer (\S{1,100})$/.exec(header ?? '')?.[1] ?? ''
}
