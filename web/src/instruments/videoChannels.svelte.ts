import { api, ask, type Schemas } from '../api/client';
import { Loading } from '../shared/loading.svelte';

const MOST_PILOTS = 8;

/** Several pilots, a channel each, and what their transmitters make of one another's pictures. */
export class VideoChannels {
  table = new Loading<Schemas['ChannelBand'][]>();
  solved = new Loading<Schemas['ChannelsAnswer']>();
  pilots = $state<string[]>(['R1', 'R2', 'R3']);
  bands = $state<string[]>(['R', 'F']);
  free = $state(false);

  /** The ends of the axis, MHz: a little beyond all that is sent or made. */
  ends = $derived.by(() => {
    const all = [
      ...(this.solved.value?.pilots.map((pilot) => pilot.megahertz) ?? []),
      ...(this.solved.value?.products.map((product) => product.onMhz) ?? []),
      5650,
      5920
    ];
    return { low: Math.min(...all) - 15, high: Math.max(...all) + 15 };
  });

  start(): void {
    void this.table.load(() => ask(api.GET('/api/instruments/video-channels')));
  }

  solve(): void {
    const body = { pilots: [...this.pilots], bands: [...this.bands], free: this.free };
    void this.solved.load(() => ask(api.POST('/api/instruments/video-channels', { body })));
  }

  /** How far along the axis a frequency lies, percent. */
  at(megahertz: number): number {
    return ((megahertz - this.ends.low) / (this.ends.high - this.ends.low)) * 100;
  }

  get full(): boolean {
    return this.pilots.length >= MOST_PILOTS;
  }

  add(): void {
    const next = this.table.value
      ?.flatMap((band) => band.channels)
      .find((one) => !this.pilots.includes(one.name));
    if (next && !this.full) {
      this.pilots.push(next.name);
    }
  }

  remove(i: number): void {
    if (this.pilots.length > 1) {
      this.pilots.splice(i, 1);
    }
  }

  takeBest(): void {
    const best = this.solved.value?.best ?? [];
    if (best.length > 0) {
      this.pilots = [...best];
    }
  }

  toggle(band: string): void {
    this.bands = this.bands.includes(band) ? this.bands.filter((one) => one !== band) : [...this.bands, band];
  }
}
