import { createHash } from 'node:crypto'
import { LARGEST_PHOTOGRAPH } from '@hop-lark/core/record'
import type { Sequelize, Transaction } from 'sequelize'
import { Refusal } from '../http/Refusal.ts'
import { definePhotographs, type PhotographModel } from './PhotographModel.ts'
import { pictureType } from './pictureType.ts'

/** Pictures of one task, at most. */
const MOST_OF_A_TASK = 200

/** The pictures in the database. */
export class Photographs {
  readonly rows: typeof PhotographModel
  private readonly now: () => Date

  constructor(database: Sequelize, now: () => Date) {
    this.rows = definePhotographs(database)
    this.now = now
  }

  /** Keeps a picture under its checksum. Kept again, nothing changes. */
  async keep(task: string, sha256: string, picture: Buffer): Promise<void> {
    const type = pictureType(picture)
    if (!type)
      throw new Refusal(422, 'photograph.type', 'This is no picture that is kept here.', 'Attach a JPEG, PNG or WebP picture.')
    if (picture.byteLength > LARGEST_PHOTOGRAPH)
      throw new Refusal(
        413,
        'photograph.large',
        'The picture is larger than 2 MB.',
        'Make it smaller; the page does so by itself.',
      )
    if (createHash('sha256').update(picture).digest('hex') !== sha256)
      throw new Refusal(422, 'photograph.checksum', 'The picture is not the one that was announced.', 'Attach it again.')
    if ((await this.rows.count({ where: { task, sha256 } })) > 0) return
    if ((await this.rows.count({ where: { task } })) >= MOST_OF_A_TASK)
      throw new Refusal(422, 'photograph.many', `A task holds at most ${MOST_OF_A_TASK} pictures.`, 'Start a second task.')
    await this.rows.bulkCreate([{ task, sha256, type, picture, at: this.now() }], { ignoreDuplicates: true })
  }

  /** A picture with what it is. */
  async find(task: string, sha256: string): Promise<PhotographModel> {
    const row = await this.rows.findOne({ where: { task, sha256 } })
    if (!row)
      throw new Refusal(
        404,
        'photograph.unknown',
        'There is no such picture here.',
        'It may still be on the device it was taken with.',
      )
    return row
  }

  /** Gives a copy of a task the pictures of the one it was copied from. */
  async copy(from: string, to: string): Promise<void> {
    const pictures = await this.rows.findAll({ where: { task: from }, attributes: ['sha256'] })
    for (const { sha256 } of pictures) {
      const { type, picture, at } = await this.find(from, sha256)
      await this.rows.bulkCreate([{ task: to, sha256, type, picture, at }], { ignoreDuplicates: true })
    }
  }

  async destroyOf(task: string, transaction: Transaction): Promise<void> {
    await this.rows.destroy({ where: { task }, transaction })
  }
}
