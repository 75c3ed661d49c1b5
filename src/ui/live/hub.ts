import { fromWire } from '@/contract/wire';
import { type CookEvent, type CookView } from '@/core/cook';

/** Updates for those who follow a braise. */
export type LiveUpdate =
  | ({ readonly kind: 'view'; readonly events: readonly CookEvent[] } & Pick<CookView, 'live'>)
  | { readonly kind: 'gone' }
  | { readonly kind: 'connected'; readonly connected: boolean }
  /** The server has become another build. */
  | { readonly kind: 'build'; readonly build: string };

type Tell = (news: LiveUpdate) => void;

interface Followed {
  readonly tell: Set<Tell>;
  events: readonly CookEvent[];
  live: CookView['live'] | undefined;
}

interface ViewMessage extends Pick<CookView, 'live' | 'events'> {
  readonly cookId: string;
  /** How many records had been sent before these. */
  readonly from: number;
}

/** Followers that come or go within this time are one change, ms. */
const SETTLES_MS = 25;
/** How long after a refusal the stream is requested again, ms. */
const AGAIN_MS = 3000;
const CLOSED = 2;
/** Most braises in one stream; of more, the first are followed. */
const MAX_FOLLOWED = 100;

/** One stream for all followed braises, however many follow them. */
export class LiveHub {
  private readonly followed = new Map<string, Followed>();
  private source: EventSource | undefined;
  private asked: ReadonlySet<string> = new Set();
  private due: ReturnType<typeof setTimeout> | undefined;
  /** Undefined until the server has answered or failed. */
  private connected: boolean | undefined;
  private build: string | undefined;

  /** Reports the state of a braise, now and after every change. Returns an unsubscribe function. */
  follow(cookId: string, tell: Tell): () => void {
    const one = this.followed.get(cookId) ?? { tell: new Set(), events: [], live: undefined };
    this.followed.set(cookId, one);
    one.tell.add(tell);
    if (this.connected !== undefined) tell({ kind: 'connected', connected: this.connected });
    if (this.build !== undefined) tell({ kind: 'build', build: this.build });
    if (one.live) tell({ kind: 'view', events: one.events, live: one.live });
    this.soon(SETTLES_MS);
    return () => {
      one.tell.delete(tell);
      this.soon(SETTLES_MS);
    };
  }

  private soon(afterMs: number): void {
    clearTimeout(this.due);
    this.due = setTimeout(() => {
      this.settle();
    }, afterMs);
  }

  /**
   * Reopens the stream if a followed braise is missing from it; closes it when nothing is followed. A braise nobody
   * follows any more stays in it until it is reopened: it may be followed again.
   */
  private settle(): void {
    const ids = [...this.followed].flatMap(([id, { tell }]) => (tell.size > 0 ? [id] : []));
    if (ids.length > 0 && this.source?.readyState !== CLOSED && ids.every((id) => this.asked.has(id))) return;
    for (const [id, { tell }] of this.followed) if (tell.size === 0) this.followed.delete(id);
    this.source?.close();
    this.source = undefined;
    this.asked = new Set(ids);
    if (ids.length > 0) this.source = this.opened(ids.slice(0, MAX_FOLLOWED));
  }

  private opened(ids: readonly string[]): EventSource {
    const source = new EventSource(`/api/stream?${ids.map((id) => `cook=${id}`).join('&')}`);
    const on = (name: string, take: (data: string) => void): void => {
      source.addEventListener(name, (message) => {
        if (source === this.source) take((message as MessageEvent<string>).data);
      });
    };
    on('build', (build) => {
      this.build = build;
      this.tellAll({ kind: 'build', build });
    });
    on('view', (data) => {
      this.setConnected(true);
      this.view(fromWire(data) as ViewMessage);
    });
    on('gone', (data) => {
      const { cookId } = fromWire(data) as { readonly cookId: string };
      for (const tell of this.followed.get(cookId)?.tell ?? []) tell({ kind: 'gone' });
    });
    on('open', () => {
      this.setConnected(true);
    });
    on('error', () => {
      this.setConnected(false);
      // The browser reconnects an interrupted stream, but not a refused one.
      if (source.readyState === CLOSED) this.soon(AGAIN_MS);
    });
    return source;
  }

  private view({ cookId, from, events, live }: ViewMessage): void {
    const one = this.followed.get(cookId);
    if (!one) return;
    one.events = [...one.events.slice(0, from), ...events];
    one.live = live;
    for (const tell of one.tell) tell({ kind: 'view', events: one.events, live });
  }

  private setConnected(connected: boolean): void {
    if (connected === this.connected) return;
    this.connected = connected;
    this.tellAll({ kind: 'connected', connected });
  }

  private tellAll(news: LiveUpdate): void {
    for (const one of this.followed.values()) for (const tell of one.tell) tell(news);
  }
}
