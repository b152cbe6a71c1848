import { searchParams } from 'sv-router';
import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type New = Schemas['NewCraft'];

/** A craft that is being entered. */
export class NewCraftState extends Doing {
  craftId = $state('');
  name = $state('');
  builder = $state('');
  craftClass = $state<NonNullable<New['craftClass']>>('INCH_5');
  spins = $state<NonNullable<New['spins']>>('INWARD');
  numbering = $state<NonNullable<New['numbering']>>('REAR_RIGHT_FIRST');
  mode = $state<NonNullable<New['mode']>>('LEVEL');
  yaw = $state(0);
  faceDown = $state(false);
  like = $state(String(searchParams.get('like') ?? ''));
  layout = $state<NonNullable<New['layout']> | ''>('STACK');
  cells = $state(4);
  chemistry = $state<Schemas['BatteryOnSheet']['chemistry']>('LIPO');
  capacityMah = $state(1500);
  board = $state('');
  parts = $state<string[]>(['receiver', 'camera', 'video', 'capacitor-470']);

  /** Enters it. Its ID; nothing where it was refused. */
  async enter(): Promise<string | undefined> {
    let entered: string | undefined;
    await this.run(async () => {
      entered = (await ask(api.POST('/api/crafts', { body: this.body() }))).craftId;
    });
    return entered;
  }

  private body(): New {
    const { craftId, name, builder, like, layout, board, parts, cells, chemistry, capacityMah } = this;
    if (like) {
      return { craftId, name, builder, like };
    }
    return {
      craftId,
      name,
      builder,
      layout: layout || undefined,
      parts: layout ? (board ? [board, ...parts] : parts) : undefined,
      battery: layout ? { cells, chemistry, capacityMah, cellMilliohms: 6000 / capacityMah } : undefined,
      craftClass: this.craftClass,
      spins: this.spins,
      numbering: this.numbering,
      mode: this.mode,
      mounted: { rollDeg: this.faceDown ? 180 : 0, pitchDeg: 0, yawDeg: this.yaw }
    };
  }
}
