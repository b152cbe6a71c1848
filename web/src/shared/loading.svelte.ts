import { words } from '../api/client';

/** Something fetched: on its way, there, or refused. */
export class Loading<T> {
  value = $state.raw<T>();
  error = $state('');

  /** Fetches anew; an answer that was overtaken by a later call is dropped. */
  async load(fetching: () => Promise<T>): Promise<void> {
    const ticket = ++this.ticket;
    this.error = '';
    try {
      const value = await fetching();
      if (ticket === this.ticket) {
        this.value = value;
      }
    } catch (thrown) {
      if (ticket === this.ticket) {
        this.error = words(thrown);
      }
    }
  }

  private ticket = 0;
}
