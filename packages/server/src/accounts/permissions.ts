/** What somebody may be in a workspace, most first. */
export const ROLES = ['owner', 'editor', 'reviewer', 'viewer'] as const
export type Role = (typeof ROLES)[number]

/** What a role lets one do. */
export const RIGHTS = ['see', 'remark', 'sign-off', 'results', 'write', 'delete', 'draw', 'dispatch', 'people'] as const
export type Right = (typeof RIGHTS)[number]

/** Who may do what. Everything about permission stands in this file. */
const RIGHTS_OF: Readonly<Record<Role, readonly Right[]>> = {
  owner: RIGHTS,
  editor: ['see', 'remark', 'sign-off', 'results', 'write', 'delete', 'draw', 'dispatch'],
  reviewer: ['see', 'remark', 'sign-off', 'results'],
  viewer: ['see'],
}

/** What each right is called when it is missing. */
const NAMES: Readonly<Record<Right, string>> = {
  see: 'see this workspace',
  remark: 'make remarks',
  'sign-off': 'sign off',
  results: 'see results',
  write: 'change anything',
  delete: 'delete',
  draw: 'draw versions',
  dispatch: 'send anything',
  people: 'look after people and the workspace',
}

/**
 * What each route takes: a right in the workspace, `self` for what concerns only who is signed in, `nobody` where no
 * sign-in is asked for. A route that is not here is refused.
 */
export const ROUTES: Readonly<Record<string, Right | 'self' | 'nobody'>> = {
  'GET /healthz': 'nobody',
  'GET /readyz': 'nobody',
  'GET /api/session': 'self',
  'POST /api/session': 'nobody',
  'DELETE /api/session': 'self',
  'PUT /api/session/workspace': 'self',
  'GET /api/session/counts': 'see',
  'GET /api/session/settings': 'see',
  'PUT /api/session/settings': 'write',
  'GET /api/first-run': 'nobody',
  'POST /api/first-run': 'nobody',
  'PUT /api/me': 'self',
  'PUT /api/me/password': 'self',
  'GET /api/me/sessions': 'self',
  'DELETE /api/me/sessions': 'self',
  'POST /api/workspaces': 'self',
  'GET /api/workspace': 'see',
  'PUT /api/workspace': 'people',
  'DELETE /api/workspace': 'people',
  'POST /api/workspace/undelete': 'people',
  'POST /api/workspace/leave': 'self',
  'PUT /api/workspace/members/{id}': 'people',
  'DELETE /api/workspace/members/{id}': 'people',
  'POST /api/workspace/members/{id}/reset': 'people',
  'POST /api/workspace/invitations': 'people',
  'DELETE /api/workspace/invitations/{id}': 'people',
  'GET /api/workspace/record': 'people',
  'GET /api/workspace/archive': 'people',
  'POST /api/workspaces/archive': 'self',
  'GET /api/links/{token}': 'nobody',
  'POST /api/links/{token}': 'nobody',
  'GET /api/copies': 'see',
  'POST /api/copies': 'write',
  'DELETE /api/copies/{id}': 'write',
  'GET /api/copies/ready-made': 'see',
  'GET /api/copies/by-link/{token}': 'self',
  'POST /api/copies/by-link/{token}': 'write',
  'POST /api/presence': 'see',
  'GET /api/remarks': 'see',
  'PUT /api/remarks/{id}': 'remark',
  'GET /api/items/{id}/remarks': 'see',
  'POST /api/items/{id}/remarks': 'remark',
  'POST /api/assets': 'write',
  'GET /api/assets/{id}': 'see',
  'GET /pictures/{id}': 'nobody',
  'GET /api/connections': 'see',
  'POST /api/connections': 'dispatch',
  'POST /api/connections/consent': 'dispatch',
  'GET /api/connections/return': 'dispatch',
  'DELETE /api/connections/{id}': 'dispatch',
  'GET /api/connections/{id}/places': 'dispatch',
  'POST /api/connections/{id}/told': 'dispatch',
  'GET /api/deliveries': 'see',
  'POST /api/deliveries': 'dispatch',
  'GET /api/deliveries/{id}': 'see',
  'GET /api/deliveries/{id}/events': 'see',
  'POST /api/deliveries/{id}/retry': 'dispatch',
  'POST /api/deliveries/{id}/stop': 'dispatch',
  'PUT /api/deliveries/{id}/open': 'dispatch',
  'PUT /api/deliveries/{id}/opening': 'dispatch',
  'PUT /api/deliveries/{id}/people': 'dispatch',
  'POST /api/deliveries/{id}/remove-there': 'dispatch',
  'GET /api/sittings': 'results',
  'POST /api/sittings': 'results',
  'POST /api/sittings/table': 'results',
  'POST /api/sittings/here': 'dispatch',
  'POST /api/sittings/of-delivery/{id}': 'results',
  'GET /api/sittings/{id}': 'results',
  'PUT /api/sittings/{id}': 'results',
  'DELETE /api/sittings/{id}': 'delete',
  'POST /api/sittings/{id}/undelete': 'delete',
  'POST /api/sittings/{id}/fetch': 'results',
  'POST /api/sittings/{id}/attempts': 'results',
  'POST /api/sittings/{id}/regrade': 'results',
  'PUT /api/sittings/{id}/given': 'results',
  'PUT /api/sittings/{id}/taking': 'dispatch',
  'GET /api/sittings/{id}/sheet': 'results',
  'GET /api/sittings/{id}/gradebook': 'results',
  'GET /api/sittings/{id}/reports': 'results',
  'GET /api/sittings/{id}/feedback': 'results',
  'GET /api/rosters': 'results',
  'PUT /api/rosters': 'results',
  'DELETE /api/rosters/{id}': 'results',
  'GET /api/take/{code}': 'nobody',
  'POST /api/take/{code}': 'nobody',
  'GET /api/take/{code}/attempt': 'nobody',
  'PUT /api/take/{code}/attempt/answers': 'nobody',
  'POST /api/take/{code}/attempt/hand-in': 'nobody',
  'POST /api/take/{code}/attempt/check': 'nobody',
  'POST /api/take/{code}/attempt/hint': 'nobody',
  'GET /api/drafts': 'see',
  'POST /api/drafts': 'write',
  'GET /api/drafts/{id}': 'see',
  // Changing more than sign-offs asks for more, where it is known.
  'PUT /api/drafts/{id}': 'sign-off',
  'DELETE /api/drafts/{id}': 'delete',
  'POST /api/drafts/{id}/bank': 'write',
  'POST /api/drafts/{id}/undelete': 'delete',
  'POST /api/files': 'write',
  'GET /api/files/layouts': 'see',
  'PUT /api/files/layouts': 'write',
  'DELETE /api/files/layouts/{id}': 'write',
  'GET /api/items': 'see',
  'POST /api/items': 'write',
  'GET /api/items/{id}': 'see',
  'PUT /api/items/{id}': 'write',
  'DELETE /api/items/{id}': 'delete',
  'GET /api/items/{id}/history': 'see',
  'POST /api/items/{id}/in-line': 'write',
  'GET /api/items/{id}/near': 'see',
  'POST /api/items/{id}/restore': 'write',
  'PUT /api/items/{id}/sign-off': 'sign-off',
  'POST /api/items/{id}/undelete': 'delete',
  'POST /api/items/{id}/variants': 'write',
  'PUT /api/items/{id}/waiver': 'sign-off',
  // What a change of many asks for beyond signing off is asked for where it is known.
  'POST /api/items/bulk': 'sign-off',
  'POST /api/items/bulk/{id}/undo': 'sign-off',
  'GET /api/items/facets': 'see',
  'GET /api/items/filters': 'see',
  'POST /api/items/filters': 'write',
  'DELETE /api/items/filters/{id}': 'write',
  'POST /api/items/near': 'see',
  'POST /api/items/rebalance': 'write',
  'POST /api/items/translations/back': 'write',
  'POST /api/items/translations/out': 'see',
  'GET /api/notations': 'see',
  'PUT /api/notations': 'write',
  'DELETE /api/notations/{id}': 'write',
  'GET /api/outcomes': 'see',
  'PUT /api/outcomes': 'write',
  'GET /api/outcomes/proposals/{itemId}': 'see',
  'GET /api/papers': 'see',
  'POST /api/papers': 'write',
  'GET /api/papers/{id}': 'see',
  'PUT /api/papers/{id}': 'write',
  'DELETE /api/papers/{id}': 'delete',
  'POST /api/papers/{id}/draw': 'draw',
  'GET /api/papers/{id}/file': 'see',
  'POST /api/papers/{id}/items': 'write',
  'GET /api/papers/{id}/print': 'see',
  'GET /api/papers/{id}/proof': 'see',
  'POST /api/papers/{id}/undelete': 'delete',
  'GET /api/papers/{id}/versions': 'see',
}

export function rightsOf(role: Role): readonly Right[] {
  return RIGHTS_OF[role]
}

export function may(role: Role, right: Right): boolean {
  return RIGHTS_OF[role].includes(right)
}

/** Why a role may not: one sentence that says who could. */
export function whyNot(role: Role, right: Right): string {
  const least = [...ROLES].reverse().find((one) => may(one, right)) ?? 'owner'
  const article = /^[aeiou]/.test(least) ? 'an' : 'a'
  const own = /^[aeiou]/.test(role) ? 'an' : 'a'
  return `You are ${own} ${role} here; to ${NAMES[right]} takes ${article} ${least}.`
}
