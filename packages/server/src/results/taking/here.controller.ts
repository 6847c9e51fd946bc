import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Post, Put } from '@nestjs/common'
import { ApiOkResponse, ApiTags } from '@nestjs/swagger'
import { CurrentPerson, type SignedIn } from '../../access/current-person.ts'
import { SittingDto } from '../dto/sittings.dto.ts'
import { OpenHereDto, TakingDto } from '../dto/taking-settings.dto.ts'
import { MovingService } from './moving.service.ts'
import { TakingService } from './taking.service.ts'

/** For who opens a paper on our own pages. */
@ApiTags('results')
@Controller('api/sittings')
export class HereController {
  constructor(
    private readonly taking: TakingService,
    private readonly moving: MovingService,
  ) {}

  @Post('here')
  @HttpCode(200)
  @ApiOkResponse({ type: SittingDto })
  open(@CurrentPerson() person: SignedIn, @Body() asked: OpenHereDto): Promise<SittingDto> {
    return this.taking.open(person, asked)
  }

  /** Lets somebody who has begun go on on another device. */
  @Post(':id/attempts/:attempt/move')
  @HttpCode(200)
  @ApiOkResponse({ type: SittingDto })
  letMove(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Param('attempt', ParseUUIDPipe) attempt: string,
  ): Promise<SittingDto> {
    return this.moving.letMove(person, id, attempt)
  }

  @Put(':id/taking')
  @ApiOkResponse({ type: SittingDto })
  set(
    @CurrentPerson() person: SignedIn,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() given: TakingDto,
  ): Promise<SittingDto> {
    return this.taking.set(person, id, given)
  }
}
