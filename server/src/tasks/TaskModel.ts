import type { Task } from '@hop-lark/core/record'
import type { Progress, Summary } from '@hop-lark/core/stages'
import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize'

/** A task as it now stands; how it came to stand so is in the edits. */
export class TaskModel extends Model<InferAttributes<TaskModel>, InferCreationAttributes<TaskModel>> {
  declare id: string
  declare title: string
  declare version: CreationOptional<number>
  /** As it stood at `documented`; `Tasks.find` brings it up to date. Read from its text at every asking. */
  declare document: Task
  declare documented: CreationOptional<number>
  declare summary: Summary
  /** Of the summary, so that it can be asked for. */
  declare progress: CreationOptional<Progress>
  /** The version that was summed up: a save does not wait for it. */
  declare summed: CreationOptional<number>
  declare created: Date
  declare updated: Date
  declare archived: Date | null
}

/** Ties the model to a database. */
export function defineTasks(database: Sequelize): typeof TaskModel {
  return TaskModel.init(
    {
      id: { type: DataTypes.STRING(60), primaryKey: true },
      title: { type: DataTypes.STRING(300), allowNull: false },
      version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
      // JSON as text: MariaDB would check a column of JSON at every change of the row.
      document: {
        type: DataTypes.TEXT('long'),
        allowNull: false,
        get() {
          const text = this.getDataValue('document') as unknown as string | undefined
          return text === undefined ? undefined : JSON.parse(text)
        },
        set(document: Task) {
          this.setDataValue('document', JSON.stringify(document) as unknown as Task)
        },
      },
      documented: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
      summary: { type: DataTypes.JSON, allowNull: false },
      progress: { type: DataTypes.STRING(10), allowNull: false, defaultValue: 'new' },
      summed: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
      created: { type: DataTypes.DATE(3), allowNull: false },
      updated: { type: DataTypes.DATE(3), allowNull: false },
      archived: { type: DataTypes.DATE(3), allowNull: true },
    },
    { sequelize: database, tableName: 'tasks' },
  )
}
