import { ITEM_KINDS, type Response } from '@zakuska/core'
import type { OpenAPIObject } from '@nestjs/swagger'

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>

const RESPONSE_KINDS: readonly Response['kind'][] = ['choice', 'truth', 'text', 'gaps', 'pairs', 'order', 'step']

const content = { type: 'array' as const, items: { $ref: '#/components/schemas/Block' } }

/** Types of core as the API's description names them. `docs/items.schema.json` sets down an item field by field. */
export const CORE_SCHEMAS: Schemas = {
  Item: {
    type: 'object',
    description: 'Core’s Item: these fields, and those of its kind, as docs/items.schema.json sets them down',
    required: ['kind', 'stem', 'points', 'tags'],
    properties: {
      kind: { type: 'string', enum: [...ITEM_KINDS] },
      stem: content,
      points: { type: 'number', minimum: 0 },
      tags: { type: 'array', items: { type: 'string' } },
    },
    additionalProperties: true,
  },
  Response: {
    type: 'object',
    description: 'Core’s Response: what somebody gave to an item',
    required: ['kind'],
    properties: { kind: { type: 'string', enum: [...RESPONSE_KINDS] } },
    additionalProperties: true,
  },
  Block: {
    type: 'object',
    description: 'Core’s Block: a paragraph, preformatted text, list or table of rich text',
    required: ['type'],
    properties: { type: { type: 'string' } },
    additionalProperties: true,
  },
  ItemProof: {
    type: 'object',
    description: 'Core’s ItemProof: how the key of one item was tried where it arrived',
    additionalProperties: true,
  },
}

function reference(name: string) {
  return { $ref: `#/components/schemas/${name}` }
}

/** For `@ApiProperty`: one of core's types. */
export const ITEM = { allOf: [reference('Item')] }
export const RESPONSE = { allOf: [reference('Response')] }

/** For `@ApiProperty`: lists of core's types. */
export const ITEMS = { type: 'array' as const, items: reference('Item') }
export const RESPONSES = { type: 'array' as const, items: { ...RESPONSE, nullable: true } }
export const CONTENT = { type: 'array' as const, items: reference('Block') }
export const CONTENTS = { type: 'array' as const, items: CONTENT }
export const PROOFS = { type: 'array' as const, items: reference('ItemProof') }
