import { type RunPhase, type PotPhase, type StageEnd } from './phase';

/** Which heat phase is on, and when it ends. */
export class StageClock {
  /** Whether there is another phase at all. */
  readonly several: boolean;
  /** Whether the pot began the phase in force at a moment of its own, which the grid does not know. */
  ownMoment = false;
  private sinceS = 0;
  private index = 0;
  private cooler = false;
  /** The next clock end of this phase or a later one, s: it holds even if earlier phases have not ended. */
  private clockS = Infinity;
  private clockIndex = -1;

  constructor(
    private readonly stages: readonly RunPhase[],
    /** Cook value of each body's slowest quarter, min, updated by the run. */
    private readonly slow: Float64Array,
    liquidC: number,
  ) {
    this.several = stages.length > 1;
    if (this.several) this.enter(0, 0, liquidC);
    this.ownMoment = false;
  }

  phase(key: number): PotPhase {
    return (this.stages[this.index] as RunPhase).phases[key] as PotPhase;
  }

  /** When the clock ends this phase, or the time it was given; Infinity if only the pot ends it. */
  get endS(): number {
    const until = this.stages[this.index]?.until;
    return until?.kind === 'elapsed' ? Math.min(this.clockS, this.sinceS + until.seconds) : this.clockS;
  }

  /** Whether the pot itself ends this phase. */
  get endsByPot(): boolean {
    const kind = this.stages[this.index]?.until?.kind;
    return kind === 'liquid' || kind === 'level' || kind === 'cookValue';
  }

  /**
   * How much of a step had passed when the pot ended this phase: its quantity taken as linear between the step's start
   * and its end. Over 1 if it has not. `slowBefore` is each body's cook value at the start, min.
   */
  shareUntilOver(
    liquidBeforeC: number,
    liquidC: number,
    beforeKg: number,
    standingKg: number,
    slowBefore: Float64Array,
  ): number {
    const until = this.stages[this.index]?.until;
    switch (until?.kind) {
      case 'liquid':
        return shareTo(liquidBeforeC, liquidC, until.tempC);
      case 'level':
        return shareTo(beforeKg, standingKg, until.liquidKg);
      case 'cookValue': {
        let latest = 0;
        for (let g = 0; g < this.slow.length; g++) {
          const wanted = until.minutes[g] ?? Infinity;
          const before = slowBefore[g] as number;
          if (before < wanted) latest = Math.max(latest, shareTo(before, this.slow[g] as number, wanted));
        }
        return latest;
      }
      default:
        return Infinity;
    }
  }

  /** Goes on to the next phase, whatever the pot says. */
  next(nowS: number, liquidC: number): void {
    if (this.index + 1 < this.stages.length) this.enter(this.index + 1, nowS, liquidC);
  }

  private enter(index: number, nowS: number, liquidC: number): void {
    this.index = index;
    this.sinceS = nowS;
    this.ownMoment = true;
    const until = this.stages[index]?.until;
    this.cooler = until?.kind === 'liquid' && liquidC < until.tempC;
    this.clockIndex = this.stages.findIndex((stage, i) => i >= index && stage.until?.kind === 'clock');
    const clock = this.stages[this.clockIndex]?.until;
    this.clockS = clock?.kind === 'clock' ? clock.atS : Infinity;
  }

  /**
   * Moves on to the phase in force at `nowS`, with the liquid at `liquidC` and `standingKg` in the pot; returns whether
   * a new one began.
   */
  advance(nowS: number, liquidC: number, standingKg: number): boolean {
    const before = this.index;
    for (;;) {
      if (nowS >= this.clockS - 1e-6) {
        this.enter(this.clockIndex + 1, nowS, liquidC);
        this.ownMoment = false;
        continue;
      }
      const until = this.stages[this.index]?.until;
      if (!until || !this.isOver(until, nowS, liquidC, standingKg)) return this.index !== before;
      this.enter(this.index + 1, nowS, liquidC);
    }
  }

  private isOver(until: StageEnd, nowS: number, liquidC: number, standingKg: number): boolean {
    switch (until.kind) {
      case 'clock':
        return false;
      case 'elapsed':
        return nowS - this.sinceS >= until.seconds - 1e-6;
      case 'liquid':
        return this.cooler ? liquidC >= until.tempC : liquidC <= until.tempC;
      case 'level':
        return standingKg <= until.liquidKg;
      case 'cookValue':
        return this.slow.every((cooked, g) => cooked >= (until.minutes[g] ?? Infinity));
    }
  }
}

/** Where on the way from one value to another a third lies, as a share; Infinity if it is not on the way. */
function shareTo(from: number, to: number, wanted: number): number {
  const share = (wanted - from) / (to - from);
  return share >= 0 && share <= 1 ? share : Infinity;
}
