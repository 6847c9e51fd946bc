export const AREA = 'mt-0.5 block w-full rounded-[3px] border border-edge bg-sheet px-2 py-1.5'
export const FIELD = 'mt-0.5 w-full min-w-0 rounded-[3px] border border-edge bg-sheet px-2.5 py-1'
