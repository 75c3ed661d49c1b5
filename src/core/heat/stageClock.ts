import { type RunPhase, type PotPhase, type StageEnd } from './phase';

/** Which heat phase is on, and when it ends. */
export class StageClock {
  /** Whether there is another phase at all. */
  readonly several: boolean;
  private index = 0;
  private sinceS = 0;
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
  }

  phase(key: number): PotPhase {
    return (this.stages[this.index] as RunPhase).phases[key] as PotPhase;
  }

  private enter(index: number, nowS: number, liquidC: number): void {
    this.index = index;
    this.sinceS = nowS;
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
