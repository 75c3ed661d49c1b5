import 'server-only';
import { resolve } from 'node:path';
import {
  type CreationOptional,
  DataTypes,
  type InferAttributes,
  type InferCreationAttributes,
  type Model,
  type ModelStatic,
  QueryTypes,
  Transaction,
} from 'sequelize';
import { log } from './log';
import { openFile, startupMessage } from './openDatabaseFile';
import { type Message } from '../core/message';
import { METRIC } from '../core/quantity';
import { languageOf } from '../words/languages';
import { wordsFor } from '../words/words';

export type Origin = 'demo' | 'own';

export interface KitchenRow extends Model<InferAttributes<KitchenRow>, InferCreationAttributes<KitchenRow>> {
  id: string;
  origin: Origin;
  equipment: string;
  /** Version of `equipment`. */
  equipmentVersion: number;
  updatedAtMs: number;
}

export interface PlanRow extends Model<InferAttributes<PlanRow>, InferCreationAttributes<PlanRow>> {
  id: string;
  origin: Origin;
  title: string;
  input: string;
  /** Version of `input`. */
  inputVersion: number;
  serveAtMs: number;
  updatedAtMs: number;
}

export interface BraiseRow extends Model<InferAttributes<BraiseRow>, InferCreationAttributes<BraiseRow>> {
  id: string;
  origin: Origin;
  planId: CreationOptional<string | null>;
  input: string;
  inputVersion: number;
  createdAtMs: number;
}

export interface EventRow extends Model<InferAttributes<EventRow>, InferCreationAttributes<EventRow>> {
  id: string;
  cookId: string;
  position: number;
  atMs: number;
  act: string;
  /** Version of `act`. */
  actVersion: number;
  /** The device that made it, empty if unknown, and how many it had made before. */
  device: CreationOptional<string>;
  deviceCount: CreationOptional<number>;
  /** How far the device's clock was ahead of this one's, ms; `atMs` is the device's time. */
  aheadMs: CreationOptional<number>;
}

/** The plan a braise was started with, stored until it is finished. */
export interface PlanAtStartRow extends Model<
  InferAttributes<PlanAtStartRow>,
  InferCreationAttributes<PlanAtStartRow>
> {
  cookId: string;
  plan: string;
  /** Version of `plan`. */
  planVersion: number;
}

/** A braise's forecast when its meat went in, and its result once finished. */
export interface EntryRow extends Model<InferAttributes<EntryRow>, InferCreationAttributes<EntryRow>> {
  cookId: string;
  title: string;
  cutId: string;
  massKg: number;
  plannedMin: number;
  plannedP10Min: number;
  plannedP90Min: number;
  /** Model version of the forecast. */
  model: number;
  /** When the meat went in, or later for a braise from before forecasts were saved. */
  workedOut: 'then' | 'later';
  finishedMs: number | null;
  actualMin: number | null;
  /** JSON of the verdict. */
  verdict: string | null;
  /** JSON of the data for its own page; null if still to be computed. */
  account: CreationOptional<string | null>;
  accountVersion: CreationOptional<number>;
}

export interface Database {
  readonly kitchens: ModelStatic<KitchenRow>;
  readonly plans: ModelStatic<PlanRow>;
  readonly braises: ModelStatic<BraiseRow>;
  readonly events: ModelStatic<EventRow>;
  readonly entries: ModelStatic<EntryRow>;
  readonly begun: ModelStatic<PlanAtStartRow>;
  /**
   * Runs `work` in one immediate transaction. Writes are queued: concurrent transactions on SQLite starve each other's
   * connections.
   */
  write<T>(work: (transaction: Transaction) => Promise<T>): Promise<T>;
  /** Rows of a query the models cannot express. */
  select<Row extends object>(sql: string): Promise<Row[]>;
  /** Closes it once pending writes are done. */
  close(): Promise<void>;
}

/** Folder with everything the cook owns. */
export function dataFolder(): string {
  return resolve(/* turbopackIgnore: true */ process.env.EVEN_EMBER_DATA ?? 'data');
}

/** Column definitions. Created anew for each column: Sequelize modifies those it is given. */
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const key = () => ({ type: DataTypes.STRING(40), primaryKey: true });
const origin = () => ({ type: DataTypes.STRING(8), allowNull: false });
const moment = () => ({ type: DataTypes.BIGINT, allowNull: false });
const real = () => ({ type: DataTypes.DOUBLE, allowNull: false });
const version = () => ({ type: DataTypes.INTEGER, allowNull: false });

/** Opens the database in `folder`, creating or migrating it. Throws `StartError` if it cannot be served. */
export async function openDatabase(folder: string): Promise<Database> {
  const { sequelize, release } = await openFile(folder);
  const options = { timestamps: false } as const;
  const kitchens = sequelize.define<KitchenRow>(
    'kitchens',
    { id: key(), origin: origin(), equipment: text(), equipmentVersion: version(), updatedAtMs: moment() },
    options,
  );
  const plans = sequelize.define<PlanRow>(
    'plans',
    {
      id: key(),
      origin: origin(),
      title: text(),
      input: text(),
      inputVersion: version(),
      serveAtMs: moment(),
      updatedAtMs: moment(),
    },
    options,
  );
  const braises = sequelize.define<BraiseRow>(
    'braises',
    {
      id: key(),
      origin: origin(),
      planId: DataTypes.STRING(40),
      input: text(),
      inputVersion: version(),
      createdAtMs: moment(),
    },
    options,
  );
  const events = sequelize.define<EventRow>(
    'events',
    {
      id: key(),
      cookId: DataTypes.STRING(40),
      position: DataTypes.INTEGER,
      atMs: moment(),
      act: text(),
      actVersion: version(),
      device: { type: DataTypes.STRING(40), allowNull: false, defaultValue: '' },
      deviceCount: { ...version(), defaultValue: 0 },
      aheadMs: { ...moment(), defaultValue: 0 },
    },
    options,
  );
  const entries = sequelize.define<EntryRow>(
    'entries',
    {
      cookId: key(),
      title: text(),
      cutId: text(),
      massKg: real(),
      plannedMin: real(),
      plannedP10Min: real(),
      plannedP90Min: real(),
      model: version(),
      workedOut: { type: DataTypes.STRING(5), allowNull: false },
      finishedMs: DataTypes.BIGINT,
      actualMin: DataTypes.DOUBLE,
      verdict: DataTypes.TEXT,
      account: DataTypes.TEXT,
      accountVersion: { ...version(), defaultValue: 1 },
    },
    options,
  );
  const begun = sequelize.define<PlanAtStartRow>(
    'begun',
    { cookId: key(), plan: text(), planVersion: version() },
    { ...options, freezeTableName: true },
  );
  let tail: Promise<unknown> = Promise.resolve();
  return {
    kitchens,
    plans,
    braises,
    events,
    entries,
    begun,
    write: (work) => {
      const run = tail.then(() => sequelize.transaction({ type: Transaction.TYPES.IMMEDIATE }, work));
      tail = run.catch(() => undefined);
      return run;
    },
    select: (sql) => sequelize.query(sql, { type: QueryTypes.SELECT }),
    close: async () => {
      await tail;
      await sequelize.close();
      release();
    },
  };
}

declare global {
  var evenEmberDatabase: Promise<Database> | undefined;
}

/** The last startup error logged: it is not repeated at every retry. */
let toldWhy: string | undefined;

/** How long to wait before retrying a database that could not be opened, ms. */
export const TRY_AGAIN_MS = 2000;

/**
 * The process's one database; on `globalThis` so that a development reload does not open it twice. Rejects with
 * `StartError` if it cannot be opened, and retries later: the cause may have gone away.
 */
export function database(): Promise<Database> {
  const known = globalThis.evenEmberDatabase;
  if (known) return known;
  const opening = openDatabase(dataFolder());
  globalThis.evenEmberDatabase = opening;
  opening.catch((error: unknown) => {
    const says = startupMessage(error);
    const why = says && inEnglish(says);
    if (why !== undefined && why !== toldWhy) log().error({ why }, 'database cannot be served');
    toldWhy = why;
    setTimeout(() => {
      if (globalThis.evenEmberDatabase === opening) globalThis.evenEmberDatabase = undefined;
    }, TRY_AGAIN_MS).unref();
  });
  return opening;
}

/** The terminal is told in English, in the units of files. */
const english = wordsFor({ units: METRIC, language: languageOf('en'), timeZone: 'UTC' });

export const inEnglish = (says: Message): string => english.say(says);

/** What prevents the data from being served, as a message; undefined if nothing does. */
export async function startupError(): Promise<Message | undefined> {
  try {
    await database();
    return undefined;
  } catch (error) {
    const says = startupMessage(error);
    if (says) return says;
    throw error;
  }
}
