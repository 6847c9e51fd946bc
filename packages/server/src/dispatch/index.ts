export { DeliveriesService } from './deliveries/deliveries.service.ts'
export { partsThere } from './deliveries/deliver.ts'
export { Delivery, type SentItem } from './deliveries/delivery.entity.ts'
export { DispatchModule } from './dispatch.module.ts'
