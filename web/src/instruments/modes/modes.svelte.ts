import { api, ask, type Schemas } from '../../api/client';
import { Loading } from '../../shared/loading.svelte';

export type Laid = Schemas['ModesAsked'];

/** Switches and modes as they are laid out, and where the hand has put each switch. */
export class ModesState {
  laid = $state<Laid>({
    modes: [
      { name: 'arm', channel: 5, fromUs: 1700, toUs: 2100 },
      { name: 'self-level', channel: 6, fromUs: 1700, toUs: 2100 }
    ],
    switches: [
      { name: 'arm switch', channel: 5, positions: [1000, 2000] },
      { name: 'self-level switch', channel: 6, positions: [1000, 2000] }
    ],
    carried: 16
  });
  put = $state<Record<string, number>>({});
  readonly solved = new Loading<Schemas['ModesAnswer']>();

  async ofSheet(craftId: string): Promise<void> {
    this.laid = await ask(api.GET('/api/crafts/{craftId}/modes', { params: { path: { craftId } } }));
  }

  async solve(): Promise<void> {
    const body = $state.snapshot(this.laid) as Laid;
    await this.solved.load(() => ask(api.POST('/api/instruments/modes', { body })));
  }

  /** Where a switch stands; at rest until it was moved. */
  at(name: string): number {
    const positions = this.laid.switches.find((one) => one.name === name)?.positions ?? [];
    const put = this.put[name];
    return put !== undefined && positions.includes(put) ? put : (positions[0] ?? 1500);
  }

  move(name: string, us: number): void {
    this.put = { ...this.put, [name]: us };
  }

  /** The modes that are on as the switches stand; nothing while no answer is there, or they are too many to go through. */
  get on(): string[] | undefined {
    return this.solved.value?.combinations.find((one) =>
      Object.entries(one.positions).every(([name, us]) => this.at(name) === us)
    )?.on;
  }

  /** The channels that have a mode or a switch. */
  get channels(): number[] {
    const all = [...this.laid.modes, ...this.laid.switches].map((one) => one.channel);
    return all.filter((one, i) => all.indexOf(one) === i).sort((a, b) => a - b);
  }

  addMode(): void {
    const channel = Math.min(18, Math.max(4, ...this.channels) + 1);
    this.laid.modes.push({ name: `mode ${this.laid.modes.length + 1}`, channel, fromUs: 1700, toUs: 2100 });
  }

  addSwitch(): void {
    const channel = this.laid.modes
      .map((one) => one.channel)
      .find((n) => !this.laid.switches.some((one) => one.channel === n));
    this.laid.switches.push({
      name: `switch ${this.laid.switches.length + 1}`,
      channel: channel ?? 7,
      positions: [1000, 1500, 2000]
    });
  }
}
