import { DataTypes, type QueryInterface } from 'sequelize';
import { type RunnableMigration } from 'umzug';

const key = () => ({ type: DataTypes.STRING(40), primaryKey: true, allowNull: false });
/** Primary key of a table with one row per braise. */
const ofCook = () => ({ ...key(), references: { model: 'cooks', key: 'id' }, onDelete: 'CASCADE' });
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

/**
 * Every row states the version of its JSON. Earlier rows are told apart here, once and for all: a plan without liquid
 * and a kitchen without habits are version 1.
 */
const versionsOfShapes: RunnableMigration<QueryInterface> = {
  name: '0002-versions-of-shapes',
  async up({ context }) {
    const run = (sql: string) => context.sequelize.query(sql);
    const lacks = (column: string, key: string): string =>
      `CASE WHEN json_valid(${column}) AND json_type(${column}, '$.${key}') IS NULL THEN 1 ELSE 2 END`;
    await run('ALTER TABLE kitchens ADD COLUMN equipmentVersion INTEGER NOT NULL DEFAULT 2');
    await run(`UPDATE kitchens SET equipmentVersion = ${lacks('equipment', 'habits')}`);
    for (const table of ['plans', 'cooks']) {
      await run(`ALTER TABLE ${table} ADD COLUMN inputVersion INTEGER NOT NULL DEFAULT 2`);
      await run(`UPDATE ${table} SET inputVersion = ${lacks('input', 'liquid')}`);
    }
    await run('ALTER TABLE events ADD COLUMN actVersion INTEGER NOT NULL DEFAULT 1');
    await run('ALTER TABLE plans DROP COLUMN planVersion');
  },
  async down({ context }) {
    const run = (sql: string) => context.sequelize.query(sql);
    await run('ALTER TABLE plans ADD COLUMN planVersion INTEGER NOT NULL DEFAULT 0');
    await run('ALTER TABLE events DROP COLUMN actVersion');
    for (const table of ['plans', 'cooks']) await run(`ALTER TABLE ${table} DROP COLUMN inputVersion`);
    await run('ALTER TABLE kitchens DROP COLUMN equipmentVersion');
  },
};

/**
 * A braise's forecast is saved when its meat goes in, and its result next to it; lists read these columns through an
 * index. Older braises have no row yet and get one computed once, after startup.
 */
const keptForecasts: RunnableMigration<QueryInterface> = {
  name: '0003-kept-forecasts',
  async up({ context }) {
    const run = (sql: string) => context.sequelize.query(sql);
    await context.createTable('entries', {
      cookId: ofCook(),
      title: text(),
      cutId: text(),
      massKg: { type: DataTypes.DOUBLE, allowNull: false },
      plannedMin: { type: DataTypes.DOUBLE, allowNull: false },
      plannedP10Min: { type: DataTypes.DOUBLE, allowNull: false },
      plannedP90Min: { type: DataTypes.DOUBLE, allowNull: false },
      model: { type: DataTypes.INTEGER, allowNull: false },
      workedOut: { type: DataTypes.STRING(5), allowNull: false },
      finishedMs: { type: DataTypes.BIGINT, allowNull: true },
      actualMin: { type: DataTypes.DOUBLE, allowNull: true },
      verdict: { type: DataTypes.TEXT, allowNull: true },
    });
    await context.addIndex('entries', ['finishedMs']);
    await run('ALTER TABLE plans ADD COLUMN serveAtMs BIGINT NOT NULL DEFAULT 0');
    await run(
      "UPDATE plans SET serveAtMs = CASE WHEN json_valid(input) THEN coalesce(json_extract(input, '$.serveAtMs'), 0) ELSE 0 END",
    );
    await context.addIndex('plans', ['serveAtMs']);
  },
  async down({ context }) {
    await context.removeIndex('plans', ['serveAtMs']);
    await context.sequelize.query('ALTER TABLE plans DROP COLUMN serveAtMs');
    await context.dropTable('entries');
  },
};

/** Records of stored boxes, found by their text: nothing a cook types can look like it. */
export const STORED_ACT = `act LIKE '%"kind":"stored"%'`;

/** Which braises were ready within their range. */
const SCORED = ['finishedMs', 'actualMin', 'plannedP10Min', 'plannedP90Min'];

/**
 * What every record taught is stored with the forecast, the plan at start while the braise is under way; records state
 * which device made them, how many it had made before and how far its clock was ahead.
 */
const accountsAndDevices: RunnableMigration<QueryInterface> = {
  name: '0004-accounts-and-devices',
  async up({ context }) {
    const run = (sql: string) => context.sequelize.query(sql);
    await context.createTable('begun', {
      cookId: ofCook(),
      plan: text(),
      planVersion: { type: DataTypes.INTEGER, allowNull: false },
    });
    await run('ALTER TABLE entries ADD COLUMN account TEXT');
    await run('ALTER TABLE entries ADD COLUMN accountVersion INTEGER NOT NULL DEFAULT 1');
    // Snapshots make rows long: queries over all rows read this index instead.
    await context.addIndex('entries', ['cookId', 'finishedMs']);
    await context.addIndex('entries', SCORED);
    await run("ALTER TABLE events ADD COLUMN device TEXT NOT NULL DEFAULT ''");
    await run('ALTER TABLE events ADD COLUMN deviceCount INTEGER NOT NULL DEFAULT 0');
    await run('ALTER TABLE events ADD COLUMN aheadMs INTEGER NOT NULL DEFAULT 0');
  },
  async down({ context }) {
    const run = (sql: string) => context.sequelize.query(sql);
    for (const column of ['device', 'deviceCount', 'aheadMs']) await run(`ALTER TABLE events DROP COLUMN ${column}`);
    await context.removeIndex('entries', SCORED);
    await context.removeIndex('entries', ['cookId', 'finishedMs']);
    for (const column of ['account', 'accountVersion']) await run(`ALTER TABLE entries DROP COLUMN ${column}`);
    await context.dropTable('begun');
  },
};

/** Braises with stored leftovers are found without reading every record. */
const whatWasPutAway: RunnableMigration<QueryInterface> = {
  name: '0005-what-was-put-away',
  async up({ context }) {
    await context.sequelize.query(`CREATE INDEX events_stored ON events (atMs, cookId) WHERE ${STORED_ACT}`);
  },
  async down({ context }) {
    await context.sequelize.query('DROP INDEX events_stored');
  },
};

/** The table of braises is named after them. SQLite updates the references in other tables. */
const braisesByName: RunnableMigration<QueryInterface> = {
  name: '0006-braises-by-name',
  async up({ context }) {
    await context.renameTable('cooks', 'braises');
  },
  async down({ context }) {
    await context.renameTable('braises', 'cooks');
  },
};

/** Every schema change, oldest first. */
export const MIGRATIONS: RunnableMigration<QueryInterface>[] = [
  firstTables,
  versionsOfShapes,
  keptForecasts,
  accountsAndDevices,
  whatWasPutAway,
  braisesByName,
];
