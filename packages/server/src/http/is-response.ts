import { isResponse } from '@zakuska/core'
import { registerDecorator, type ValidationOptions } from 'class-validator'

/** An answer to an item: core settles what one is. With `each`, a list of them; an item without an answer has null there. */
export function IsResponse(options: ValidationOptions = {}): PropertyDecorator {
  const validate = (value: unknown): boolean => isResponse(value) || (options.each === true && value === null)
  return (target, name) =>
    registerDecorator({
      ...{ name: 'isResponse', target: target.constructor, propertyName: String(name), options },
      validator: { validate, defaultMessage: () => '$property holds what is no answer to an item.' },
    })
}
