import { DataTypes, type InferAttributes, type InferCreationAttributes, Model, type Sequelize } from 'sequelize'

/** A picture that belongs to a task. It is never changed: another picture has another checksum. */
export class PhotographModel extends Model<InferAttributes<PhotographModel>, InferCreationAttributes<PhotographModel>> {
  declare task: string
  declare sha256: string
  declare type: string
  declare picture: Buffer
  declare at: Date
}

/** Ties the model to a database. */
export function definePhotographs(database: Sequelize): typeof PhotographModel {
  return PhotographModel.init(
    {
      task: { type: DataTypes.STRING(60), primaryKey: true },
      sha256: { type: DataTypes.CHAR(64), primaryKey: true },
      type: { type: DataTypes.STRING(20), allowNull: false },
      picture: { type: DataTypes.BLOB('medium'), allowNull: false },
      at: { type: DataTypes.DATE(3), allowNull: false },
    },
    { sequelize: database, tableName: 'photographs' },
  )
}
