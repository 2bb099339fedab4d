import type { Task } from '@hop-lark/core/record'

/** Whether a sample is called a liquid, not a solution. */
export const isCalledLiquid = ({ materials }: Task, material: string | undefined): boolean =>
  materials.some(({ id, form }) => id === material && form === 'liquid')
