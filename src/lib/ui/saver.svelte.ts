// Saves a document soon after each change, one save at a time, and tells when another window saved first.

export type SaveState = 'saved' | 'waiting' | 'saving' | 'stale' | 'failed' | 'refused';

/** The body of a save, whatever kind it is: whoever takes it up checks it. */
type Kept = { steps?: unknown; reading?: unknown; making?: unknown };
type Answer = { revision?: number; problems?: object; message?: string };

/** Keeps one document of a page in step with the server. */
export class Saver {
  state = $state<SaveState>('saved');
  /** What the server said against the last save. */
  message = $state('');
  revision = $state(0);
  #timer: ReturnType<typeof setTimeout> | undefined;
  #again = false;
  /** Something changed whose outcome `changed` has not told yet. */
  #due = false;
  /** The save that is under way, or the last one. */
  #now: Promise<boolean> | undefined;

  #watch: ReturnType<typeof setInterval> | undefined;

  /** What an earlier visit could not save, kept on this device. */
  kept = $state.raw<Kept | null>(null);

  /**
   * @param url takes PUT with the revision and the body; answers 200 {revision}, 409 stale, 422 {problems}
   * @param body what to save, asked for at the moment of saving
   * @param keepAs name under which the device keeps what has not reached the server yet; without one it keeps nothing
   */
  constructor(
    private url: () => string,
    private body: () => object,
    revision: number,
    private keepAs: string | null = null,
    private delay = 500,
  ) {
    this.revision = revision;
    if (!keepAs || typeof localStorage === 'undefined') return;
    try {
      this.kept = JSON.parse(localStorage.getItem(keepAs) ?? 'null') as Kept | null;
    } catch {
      this.forget();
    }
    addEventListener('pagehide', () => this.state !== 'saved' && this.#keep());
  }

  #keep(): void {
    if (!this.keepAs) return;
    try {
      localStorage.setItem(this.keepAs, JSON.stringify(this.body()));
    } catch {
      // a full or forbidden store: the page itself still has everything
    }
  }
  /** Drops what the device kept. */
  forget(): void {
    this.kept = null;
    if (this.keepAs) localStorage.removeItem(this.keepAs);
  }

  /**
   * Looks now and then whether somebody else saved, so that two people learn of each other before they collide.
   * @returns a function that stops it
   */
  watch(revisionUrl: string, every = 10_000): () => void {
    this.#watch = setInterval(() => void this.#look(revisionUrl), every);
    return () => clearInterval(this.#watch);
  }
  async #look(url: string): Promise<void> {
    if (document.hidden || (this.state !== 'saved' && this.state !== 'waiting')) return;
    const answer = await fetch(url).then(
      (r) => (r.ok ? (r.json() as Promise<Answer>) : null),
      () => null,
    );
    if (answer?.revision && answer.revision > this.revision && (this.state === 'saved' || this.state === 'waiting')) {
      clearTimeout(this.#timer);
      this.state = 'stale';
    }
  }

  /** Something changed, and what to save of it is still being worked out: `changed` is called when it is. */
  waits(): void {
    this.#due = true;
    if (this.state === 'saved') this.state = 'waiting';
  }

  /** Call after each change. */
  changed(): void {
    this.#due = false;
    if (this.state === 'stale') return;
    if (this.state === 'saving') this.#again = true;
    else this.state = 'waiting';
    this.#soon();
  }
  #soon(): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.save(), this.delay);
  }

  /** Saves now, after a save that is under way; true when all that was here at the call is saved. */
  async save(): Promise<boolean> {
    clearTimeout(this.#timer);
    if (this.state === 'saved') return true;
    const before = this.#now;
    this.#now = (async () => {
      await before;
      return this.#send();
    })();
    return this.#now;
  }
  async #send(): Promise<boolean> {
    // whoever waited for a save before this one finds that it took his change along, or was refused
    if (this.state === 'saved') return true;
    if (this.state === 'stale') return false;
    this.state = 'saving';
    this.#again = false;
    try {
      const response = await fetch(this.url(), {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ revision: this.revision, ...this.body() }),
        keepalive: false,
      });
      const answer = (await response.json().catch(() => ({}))) as Answer;
      if (response.status === 409) {
        this.state = 'stale';
        this.message = answer.message ?? '';
        return false;
      }
      if (!response.ok) {
        this.state = response.status === 422 ? 'refused' : 'failed';
        this.message = (Object.values(answer.problems ?? {})[0] as string | undefined) ?? answer.message ?? 'It could not be saved.';
        return false;
      }
      this.revision = answer.revision ?? this.revision;
      this.message = '';
      // what changed while this was under way, and is still being worked out, is not saved
      this.state = this.#due || this.#again ? 'waiting' : 'saved';
      if (this.#again) this.#soon();
      // what an earlier visit left stays until a person has answered it
      if (this.keepAs && !this.kept) localStorage.removeItem(this.keepAs);
      return true;
    } catch {
      this.state = 'failed';
      this.#keep();
      this.message = 'The server cannot be reached. Your changes are still here; they are saved when it answers again.';
      this.#timer = setTimeout(() => this.state === 'failed' && void this.save(), 4000);
      return false;
    }
  }

  /** Another window saved first: save what is here as the newer one. */
  async keepMine(theirRevision: number): Promise<void> {
    this.revision = theirRevision;
    this.state = 'waiting';
    await this.save();
  }
}
