import { EntityManager } from '@mikro-orm/postgresql'
import { Controller, Get, ServiceUnavailableException } from '@nestjs/common'
import { ApiExcludeController } from '@nestjs/swagger'

/** For who watches the server: it runs; it can do its work. */
@ApiExcludeController()
@Controller()
export class HealthController {
  constructor(private readonly em: EntityManager) {}

  @Get('healthz')
  isAlive(): { readonly status: string } {
    return { status: 'alive' }
  }

  /** @throws ServiceUnavailableException while the database does not answer. */
  @Get('readyz')
  async isReady(): Promise<{ readonly status: string }> {
    try {
      await this.em.execute('select 1')
    } catch {
      throw new ServiceUnavailableException('The database does not answer.')
    }
    return { status: 'ready' }
  }
}
