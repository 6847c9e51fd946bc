export { FORMATS } from '@zakuska/core'
