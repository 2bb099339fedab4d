/** What a task file calls itself. */
export const TASK_FORMAT = 'hop-lark/task'
/** The version that is written; older ones are read (`migrate/`). */
export const TASK_VERSION = 2
