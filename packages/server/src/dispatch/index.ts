export { BreakwaterClient, DestinationError, type RemoteAttempt } from './breakwater.client.ts'
export { Delivery, type SentItem } from './dispatch.entities.ts'
export { DispatchModule } from './dispatch.module.ts'
export { DispatchService } from './dispatch.service.ts'
