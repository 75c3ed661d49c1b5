import { DataTypes, type QueryInterface } from 'sequelize';
import { type RunnableMigration } from 'umzug';

const key = () => ({ type: DataTypes.STRING(40), primaryKey: true, allowNull: false });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const moment = () => ({ type: DataTypes.BIGINT, allowNull: false });
/** `demo` rows were loaded by the app and may be replaced by it; `own` rows are the cook's and never are. */
const origin = () => ({ type: DataTypes.STRING(8), allowNull: false });

const firstTables: RunnableMigration<QueryInterface> = {
  name: '0001-first-tables',
  async up({ context }) {
    await context.createTable('kitchens', { id: key(), origin: origin(), equipment: text(), updatedAtMs: moment() });
    await context.createTable('plans', {
      id: key(),
      origin: origin(),
      title: text(),
      input: text(),
      planVersion: { type: DataTypes.INTEGER, allowNull: false },
      updatedAtMs: moment(),
    });
    await context.createTable('cooks', {
      id: key(),
      origin: origin(),
      planId: { type: DataTypes.STRING(40), allowNull: true },
      input: text(),
      createdAtMs: moment(),
    });
    await context.createTable('events', {
      id: key(),
      cookId: {
        type: DataTypes.STRING(40),
        allowNull: false,
        references: { model: 'cooks', key: 'id' },
        onDelete: 'CASCADE',
      },
      position: { type: DataTypes.INTEGER, allowNull: false },
      atMs: moment(),
      act: text(),
    });
    await context.addIndex('events', ['cookId', 'position'], { unique: true });
  },
  async down({ context }) {
    for (const table of ['events', 'cooks', 'plans', 'kitchens']) await context.dropTable(table);
  },
};

/** Every change of the schema, oldest first. */
export const MIGRATIONS: RunnableMigration<QueryInterface>[] = [firstTables];
