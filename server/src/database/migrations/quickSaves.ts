import { DataTypes, type QueryInterface } from 'sequelize'

export const name = '2026-11-quick-saves'

/**
 * Writes version and ledger line together if the task still is the one the edit was made on: one way to the database and
 * back instead of five. What it was made on is named by version and by when that was written, so that a task that was
 * deleted and put in again is never taken for the one before. The document itself is written now and then: in between it
 * is what was written last, with the lines of the ledger since.
 */
const SAVE_EDIT = `CREATE PROCEDURE save_edit(
  IN edited VARCHAR(60), IN base INT UNSIGNED, IN base_written DATETIME(3), IN new_document LONGTEXT,
  IN edit_key VARCHAR(64), IN edit_patch LONGTEXT, IN edit_note VARCHAR(300), IN written DATETIME(3))
MODIFIES SQL DATA SQL SECURITY INVOKER
BEGIN
  DECLARE EXIT HANDLER FOR SQLEXCEPTION BEGIN ROLLBACK; RESIGNAL; END;
  START TRANSACTION;
  IF new_document IS NULL THEN
    UPDATE tasks SET version = base + 1, updated = written
      WHERE id = edited AND version = base AND updated = base_written;
  ELSE
    UPDATE tasks SET version = base + 1, updated = written, document = new_document, documented = base + 1
      WHERE id = edited AND version = base AND updated = base_written;
  END IF;
  IF ROW_COUNT() = 1 THEN
    INSERT INTO edits (task, version, \`key\`, patch, at, note) VALUES (edited, base + 1, edit_key, edit_patch, written, edit_note);
    COMMIT;
    SELECT 1 AS saved;
  ELSE
    ROLLBACK;
    SELECT 0 AS saved;
  END IF;
END`

/**
 * A column of JSON is read and checked by MariaDB at every change of its row, also where it is left alone: for a record of a
 * thousand runs that takes longer than the rest of a save. What is written there was checked by us.
 */
const AS_TEXT = 'ALTER TABLE tasks MODIFY document LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL'
const AS_JSON = 'ALTER TABLE tasks MODIFY document JSON NOT NULL'

/** Saves by one call; and for which version a task was summed up, and its document written whole. */
export async function up(database: QueryInterface): Promise<void> {
  await database.addColumn('tasks', 'summed', { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 })
  await database.addColumn('tasks', 'documented', { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 })
  await database.sequelize.query('UPDATE tasks SET summed = version, documented = version')
  await database.sequelize.query(AS_TEXT)
  await database.sequelize.query('DROP PROCEDURE IF EXISTS save_edit')
  await database.sequelize.query(SAVE_EDIT)
}

export async function down(database: QueryInterface): Promise<void> {
  await database.sequelize.query(AS_JSON)
  await database.sequelize.query('DROP PROCEDURE IF EXISTS save_edit')
  await database.removeColumn('tasks', 'summed')
  await database.removeColumn('tasks', 'documented')
}
