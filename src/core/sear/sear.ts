import { ROOM_C } from '../material';
import {
  BROWNS_C,
  DRIED_KG_M2,
  heatingMinutes,
  type PanHeat,
  searCourse,
  searVerdict,
  type SearVerdict,
  STEAMS_C,
  WET_KG_M2,
} from './heat';
import { type Floor, type Footprint, footprintMm2, packAll, packBatch, PAN_GAP_MM, type PlacedPiece } from './pack';
import { figure, type Figure, input as from, type Message, nameOf, say, share, tempC } from '../message';
import { type Burner, burnerNetW, type Fat, type Pan, panFloorM2, panHeatJK } from '../larder';

export type SearDepth = 'deep' | 'light' | 'none';

/** Pieces of one size as they come to the pan. */
export interface SearPieces {
  readonly count: number;
  readonly footprint: Footprint;
  /** How many broad sides are browned, and whether edges are too. */
  readonly faces: number;
  readonly edges: number;
  readonly small: boolean;
}

/** One batch as it lies, with the heat budget's verdict. */
export interface SearBatch {
  readonly layout: readonly PlacedPiece[];
  /** Group of each placed piece. */
  readonly groups: readonly number[];
  readonly count: number;
  /** Share of the pan's base covered. */
  readonly coverage: number;
  readonly minutes: number;
  readonly lowestC: number;
  readonly endC: number;
  readonly recoverMinutes: number;
  readonly verdict: SearVerdict;
}

export interface SearPlan {
  readonly depth: SearDepth;
  readonly batches: readonly SearBatch[];
  /** Pieces too large to lie flat in the pan: browned alone, turned and leant. */
  readonly tooLarge: boolean;
  readonly startC: number;
  /** Sides and edges browned one after the other, for the piece that has most. */
  readonly faces: number;
  readonly edges: number;
  readonly faceMinutes: number;
  readonly edgeMinutes: number;
  readonly minutes: Figure;
  readonly fatL: Figure;
  /** Flour for coating the meat; null if it goes in bare. */
  readonly dredge: Figure | null;
  /** Pieces per batch the pan and burner can handle. */
  readonly perBatch: Figure;
  readonly verdict: SearVerdict;
  readonly says: Message;
  readonly fatSays: Message;
}

export interface SearRequest {
  readonly pieces: readonly SearPieces[];
  readonly pan: Pan;
  readonly burner: Burner;
  readonly fat: Fat;
  readonly depth: SearDepth;
  /** Small pieces kept moving instead of left to lie. */
  readonly moving: boolean;
  readonly dried: boolean;
  /** Weight to be floured, kg; null if it goes in bare. */
  readonly flouredKg: number | null;
  /** How many the cook wants to put in at once; null leaves it to the budget. */
  readonly mostAtOnce: number | null;
}

/** At most this share of the base is covered, so that steam escapes. A common kitchen rule, our default. */
export const PAN_SHARE = 2 / 3;
const FACE_MIN = { deep: 3.5, light: 2, none: 0 } as const;
const EDGE_MIN = { deep: 1.5, light: 0.75, none: 0 } as const;
const MOVING_MIN = { deep: 9, light: 5, none: 0 } as const;
const HOTTEST_C = 230;
const BELOW_SMOKE_K = 5;
const FILM_MM = 0.25;
const FIRST_FAT_L = 0.005;
const MORE_FAT_L = 0.005;
const DREDGE_KG_PER_KG = 0.03;

/** Pan temperature when the meat goes in: hot, but below the fat's smoke point. */
function startTempC(fat: Fat): number {
  return Math.min(HOTTEST_C, fat.smokeC - BELOW_SMOKE_K);
}

/** How much longer a side takes in a pan that must stay cool: 1 from 190 °C up, 2 at 150 °C. Estimate, no source. */
function browningFactor(fat: Fat): number {
  return Math.min(2, Math.max(1, 1 + (190 - startTempC(fat)) / 40));
}

export function floorOf(pan: Pan): Floor {
  return pan.shape === 'round'
    ? { kind: 'circle', diameter: pan.lengthMm }
    : { kind: 'rectangle', length: pan.lengthMm, width: pan.widthMm };
}

function batchMinutes(pieces: readonly SearPieces[], groups: readonly number[], request: SearRequest): number {
  const { depth, moving } = request;
  const slower = browningFactor(request.fat);
  const inIt = [...new Set(groups)].flatMap((g) => pieces[g] ?? []);
  return Math.max(
    0,
    ...inIt.map(
      (p) => slower * (moving && p.small ? MOVING_MIN[depth] : p.faces * FACE_MIN[depth] + p.edges * EDGE_MIN[depth]),
    ),
  );
}

/** What one batch of this contact area does to the pan. */
function budget(pan: PanHeat, contactM2: number, request: SearRequest): ReturnType<typeof searCourse> {
  return searCourse(pan, {
    contactM2,
    surfaceWaterKgM2: request.dried ? DRIED_KG_M2 : WET_KG_M2,
    minutes: FACE_MIN[request.depth],
  });
}

/** Largest contact area, m², that the budget carries without labouring, by bisection. */
function carriedM2(pan: PanHeat, request: SearRequest): number {
  let low = 0;
  let high = pan.floorM2;
  if (searVerdict(budget(pan, high, request)) === 'sears') return high;
  for (let i = 0; i < 20; i++) {
    const middle = (low + high) / 2;
    if (searVerdict(budget(pan, middle, request)) === 'sears') low = middle;
    else high = middle;
  }
  return low;
}

/**
 * How the meat is browned: batches packed into the pan, largest pieces first, no more than the pan's base, the
 * two-thirds rule and the heat budget allow, unless the cook says how many; then the verdict says what happens.
 */
export function searPlan(request: SearRequest): SearPlan {
  const { pan, burner, fat, depth } = request;
  const floorM2 = panFloorM2(pan);
  const powerW = burnerNetW(burner);
  const startC = startTempC(fat);
  const heat: PanHeat = { heatJK: panHeatJK(pan), floorM2, powerW, startC };
  const all = request.pieces.flatMap((p, group) =>
    Array.from({ length: p.count }, () => ({ group, footprint: p.footprint, area: footprintMm2(p.footprint) / 1e6 })),
  );
  all.sort((a, b) => b.area - a.area);
  const carried = carriedM2(heat, request);
  const groups = depth === 'none' ? [] : fill(all, request, floorM2, carried);
  const batches = groups.map((batch): SearBatch => {
    const contactM2 = batch.members.reduce((sum, m) => sum + m.area, 0);
    const course = budget(heat, contactM2, request);
    const minutes = batchMinutes(
      request.pieces,
      batch.members.map((m) => m.group),
      request,
    );
    const recover = heatingMinutes(heat, Math.min(course.endC, startC), startC);
    return {
      layout: batch.layout,
      groups: batch.layout.map((p) => batch.members[p.index]?.group ?? 0),
      count: batch.members.length,
      coverage: contactM2 / floorM2,
      minutes,
      lowestC: course.lowestC,
      endC: course.endC,
      recoverMinutes: Number.isFinite(recover) ? recover : 10,
      verdict: searVerdict(course),
    };
  });
  const preheat = heatingMinutes(heat, ROOM_C, startC);
  const heatUp = Number.isFinite(preheat) ? preheat : 20;
  const recovering = batches.slice(0, -1).reduce((sum, b) => sum + b.recoverMinutes, 0);
  const browning = batches.reduce((sum, b) => sum + b.minutes, 0);
  const worst: SearVerdict = batches.some((b) => b.verdict === 'steams')
    ? 'steams'
    : batches.some((b) => b.verdict === 'labours')
      ? 'labours'
      : 'sears';
  const largest = Math.max(0, ...batches.map((b) => b.count));
  const typical = all.length > 0 ? all.reduce((sum, p) => sum + p.area, 0) / all.length : 0;
  const first = batches[0];
  return {
    depth,
    batches,
    tooLarge: batches.some((b) => b.layout.length < b.count),
    startC,
    faces: Math.max(0, ...request.pieces.map((p) => p.faces)),
    edges: Math.max(0, ...request.pieces.map((p) => p.edges)),
    faceMinutes: FACE_MIN[depth] * browningFactor(fat),
    edgeMinutes: EDGE_MIN[depth] * browningFactor(fat),
    verdict: worst,
    says: verdictSays(worst, batches, carried, floorM2),
    fatSays: say(fat.smokeC >= HOTTEST_C - 10 ? 'sear.fatStands' : 'sear.fatSmokes', {
      fat: nameOf('fat', fat.id),
      smoke: tempC(fat.smokeC),
      start: tempC(startC),
      slower: browningFactor(fat) > 1.05 ? 'yes' : 'no',
    }),
    minutes: figure('sear.minutes', depth === 'none' ? 0 : heatUp + browning + recovering, 'minutes', 'estimate', [
      from('heatingThePan', heatUp, 'minutes'),
      from('batches', batches.length, 'count'),
      from('browningAllBatches', browning, 'minutes'),
      from('comingBackBetweenThem', recovering, 'minutes'),
    ]),
    fatL: figure(
      'sear.fatL',
      depth === 'none' ? 0 : FIRST_FAT_L + floorM2 * FILM_MM + MORE_FAT_L * Math.max(0, batches.length - 1),
      'volume',
      'practice',
      [from('pansFloor', floorM2, 'area'), from('batches', batches.length, 'count')],
      { range: [0.015, 0.075] },
    ),
    dredge:
      request.flouredKg === null
        ? null
        : figure(
            'sear.dredge',
            request.flouredKg * DREDGE_KG_PER_KG,
            'mass',
            'practice',
            [from('meat', request.flouredKg, 'mass')],
            { range: [request.flouredKg * 0.02, request.flouredKg * 0.05] },
          ),
    perBatch: figure('sear.perBatch', largest, 'count', 'estimate', [
      from('onePieceCovers', typical, 'area'),
      from('twoThirdsOfTheFloor', floorM2 * PAN_SHARE, 'area'),
      from('theHeatCarries', carried, 'area'),
      from('reachesThePan', powerW, 'power'),
      from('panStartsAt', startC, 'temperature'),
      from('coolestInTheFirstBatch', first?.lowestC ?? Number.NaN, 'temperature'),
    ]),
  };
}

function verdictSays(worst: SearVerdict, batches: readonly SearBatch[], carriedM2_: number, floorM2: number): Message {
  if (batches.length === 0) return say('sear.none');
  return say(`sear.${worst}`, {
    lowest: tempC(Math.min(...batches.map((b) => b.lowestC))),
    browns: tempC(BROWNS_C),
    steams: tempC(STEAMS_C),
    carries: share(carriedM2_ / floorM2),
  });
}

interface Member {
  readonly group: number;
  readonly footprint: Footprint;
  readonly area: number;
}

interface Filled {
  readonly members: readonly Member[];
  readonly layout: readonly PlacedPiece[];
}

/** Fills batch after batch, then evens out their sizes so that the last is not a single piece. */
function fill(all: readonly Member[], request: SearRequest, floorM2: number, carried: number): Filled[] {
  const floor = floorOf(request.pan);
  const allowed = request.mostAtOnce === null ? Math.min(PAN_SHARE * floorM2, carried) : floorM2;
  const most = (members: readonly Member[]): number => {
    if (request.mostAtOnce !== null) return Math.max(1, Math.min(request.mostAtOnce, members.length));
    let area = 0;
    let count = 0;
    for (const m of members) {
      area += m.area;
      if (area > allowed + 1e-9) break;
      count++;
    }
    return Math.max(1, count);
  };
  const filled: Filled[] = [];
  const packed = new Map<string, readonly PlacedPiece[]>();
  for (let at = 0; at < all.length;) {
    const rest = all.slice(at);
    const wanted = rest.slice(0, most(rest)).map((m) => m.footprint);
    const key = JSON.stringify(wanted);
    const layout = packed.get(key) ?? packBatch(wanted, floor, wanted.length);
    packed.set(key, layout);
    const count = Math.max(1, layout.length);
    filled.push({ members: rest.slice(0, count), layout });
    at += count;
  }
  return evened(all, filled, floor);
}

function evened(all: readonly Member[], filled: readonly Filled[], floor: Floor): Filled[] {
  const packed = new Map<string, readonly PlacedPiece[]>();
  const even = Math.ceil(all.length / filled.length);
  const sizes = filled.map((f) => f.members.length);
  if (sizes.every((s) => s <= even) || sizes.some((s, i) => s < even && i < sizes.length - 1)) return [...filled];
  const out: Filled[] = [];
  for (let at = 0; at < all.length; at += even) {
    const members = all.slice(at, at + even);
    const wanted = members.map((m) => m.footprint);
    const key = JSON.stringify(wanted);
    const layout = packed.get(key) ?? packAll(wanted, floor, PAN_GAP_MM);
    if (!layout) return [...filled];
    packed.set(key, layout);
    out.push({ members, layout });
  }
  return out.length === filled.length ? out : [...filled];
}

/** Signs of a ready pan and of browned meat; the words describe each. */
export const SEAR_CUES = ['ready', 'tooCold', 'tooHot', 'turn', 'steaming', 'brownBottom', 'blackBottom'] as const;
