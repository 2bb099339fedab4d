import type { Task } from '@hop-lark/core/record'
import type { Summary } from '@hop-lark/core/stages'
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
  declare document: Task
  declare summary: Summary
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
      document: { type: DataTypes.JSON, allowNull: false },
      summary: { type: DataTypes.JSON, allowNull: false },
      created: { type: DataTypes.DATE(3), allowNull: false },
      updated: { type: DataTypes.DATE(3), allowNull: false },
      archived: { type: DataTypes.DATE(3), allowNull: true },
    },
    { sequelize: database, tableName: 'tasks' },
  )
}
