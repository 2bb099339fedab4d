import type { Operation } from 'rfc6902'
import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  Model,
  type Sequelize,
} from 'sequelize'

/** One line of the ledger: the patch that made a version of a task. Lines are only ever added. */
export class EditModel extends Model<InferAttributes<EditModel>, InferCreationAttributes<EditModel>> {
  declare task: string
  declare version: number
  declare key: string
  declare patch: Operation[]
  declare at: Date
  declare note: CreationOptional<string | null>
}

/** Ties the model to a database. */
export function defineEdits(database: Sequelize): typeof EditModel {
  return EditModel.init(
    {
      task: { type: DataTypes.STRING(60), primaryKey: true },
      version: { type: DataTypes.INTEGER.UNSIGNED, primaryKey: true },
      key: { type: DataTypes.STRING(64), allowNull: false },
      patch: { type: DataTypes.JSON, allowNull: false },
      at: { type: DataTypes.DATE(3), allowNull: false },
      note: { type: DataTypes.STRING(300), allowNull: true },
    },
    { sequelize: database, tableName: 'edits' },
  )
}
