import { api, ask, type Schemas } from '../api/client';
import { Doing } from '../shared/doing.svelte';

type Sort = Schemas['PartType'];
type Pad = Schemas['PadOf'];
type Picture = Schemas['PictureOf'];

/** What the server leaves out of a part type where there is none. */
const NOTHING_INSIDE = {
  traces: [],
  leaks: [],
  capacitors: [],
  regulators: [],
  dividers: [],
  loads: [],
  drives: [],
  currentSensors: [],
  spoken: []
};

/** An empty part type to begin from: a part with two pads. */
export const BEGIN: Sort = {
  ...NOTHING_INSIDE,
  id: '',
  label: '',
  shortName: '',
  kind: 'PART',
  lowestV: 4.5,
  highestV: 5.5,
  pads: [
    { name: '+', kind: 'SUPPLY', volts: 5, row: 0, usb: false, room: 1 },
    { name: '-', kind: 'GROUND', volts: 0, row: 0, usb: false, room: 2 }
  ],
  leaks: [{ from: '+', to: '-', ohms: 5000 }],
  capacitors: [{ plus: '+', minus: '-', farads: 0.000022, bulky: false }],
  loads: [{ plus: '+', minus: '-', volts: 5, amps: 0.1, poorAmps: 0.1 }]
};

/** A part type on the screen, while it is being entered. */
export class PartTypeState extends Doing {
  partType = $state<Sort>(structuredClone(BEGIN));
  /** The pad that is selected, by its place in the list. */
  at = $state(0);

  /** @param known its id on the library; empty for a new one */
  constructor(
    readonly known: string,
    from?: Sort
  ) {
    super();
    if (from) {
      this.partType = { ...NOTHING_INSIDE, ...structuredClone(from) };
    }
  }

  pad = $derived(this.partType.pads?.[this.at]);
  rows = $derived.by(() => {
    const rows: { row: number; pads: { pad: Pad; at: number }[] }[] = [];
    (this.partType.pads ?? []).forEach((pad, at) => {
      const known = rows.find((one) => one.row === pad.row);
      if (known) {
        known.pads.push({ pad, at });
      } else {
        rows.push({ row: pad.row, pads: [{ pad, at }] });
      }
    });
    return rows.toSorted((a, b) => a.row - b.row);
  });
  names = $derived((this.partType.pads ?? []).map((pad) => pad.name));

  addPad(row: number): void {
    const pads = this.partType.pads ?? [];
    let n = pads.length + 1;
    while (pads.some((pad) => pad.name === `P${n}`)) {
      n += 1;
    }
    this.partType.pads = [...pads, { name: `P${n}`, kind: 'FEED', volts: 0, row, usb: false, room: 1 }];
    this.at = pads.length;
  }

  addRow(): void {
    this.addPad(Math.max(-1, ...(this.partType.pads ?? []).map((pad) => pad.row)) + 1);
  }

  /** Takes the selected pad off, with whatever lies between it and others. */
  removePad(): void {
    const name = this.pad?.name;
    if (name === undefined) {
      return;
    }
    this.partType.pads = this.partType.pads!.filter((_, at) => at !== this.at);
    this.partType.traces = this.partType.traces?.filter((one) => one.from !== name && one.to !== name);
    this.partType.leaks = this.partType.leaks?.filter((one) => one.from !== name && one.to !== name);
    this.partType.capacitors = this.partType.capacitors?.filter(
      (one) => one.plus !== name && one.minus !== name
    );
    this.partType.regulators = this.partType.regulators?.filter(
      (one) => ![one.in, one.out, one.minus].includes(name)
    );
    this.partType.dividers = this.partType.dividers?.filter(
      (one) => one.sense !== name && one.minus !== name
    );
    this.partType.loads = this.partType.loads?.filter((one) => one.plus !== name && one.minus !== name);
    this.partType.drives = this.partType.drives?.filter(
      (one) => ![one.plus, one.minus, one.signal].includes(name)
    );
    this.partType.currentSensors = this.partType.currentSensors?.filter((one) => one !== name);
    this.partType.spoken = this.partType.spoken?.filter((one) => one.sends !== name && one.hears !== name);
    if (this.partType.uarts) {
      this.partType.uarts.pads = this.partType.uarts.pads.filter((one) => one.pad !== name);
    }
    if (this.partType.picture && [this.partType.picture.takes, this.partType.picture.gives].includes(name)) {
      delete this.partType.picture;
    }
    this.at = Math.max(0, this.at - 1);
  }

  /** Renames the selected pad everywhere. */
  rename(to: string): void {
    const from = this.pad?.name;
    const renamed = (name: string): string => (name === from ? to : name);
    const partType = this.partType;
    partType.pads![this.at]!.name = to;
    partType.traces = partType.traces?.map((one) => ({
      ...one,
      from: renamed(one.from),
      to: renamed(one.to)
    }));
    partType.leaks = partType.leaks?.map((one) => ({ ...one, from: renamed(one.from), to: renamed(one.to) }));
    partType.capacitors = partType.capacitors?.map((one) => ({
      ...one,
      plus: renamed(one.plus),
      minus: renamed(one.minus)
    }));
    partType.regulators = partType.regulators?.map((one) => ({
      ...one,
      in: renamed(one.in),
      out: renamed(one.out),
      minus: renamed(one.minus)
    }));
    partType.dividers = partType.dividers?.map((one) => ({
      ...one,
      sense: renamed(one.sense),
      minus: renamed(one.minus)
    }));
    partType.loads = partType.loads?.map((one) => ({
      ...one,
      plus: renamed(one.plus),
      minus: renamed(one.minus)
    }));
    partType.drives = partType.drives?.map((one) => ({
      plus: renamed(one.plus),
      minus: renamed(one.minus),
      signal: renamed(one.signal)
    }));
    partType.currentSensors = partType.currentSensors?.map(renamed);
    partType.spoken = partType.spoken?.map((one) => ({
      ...one,
      sends: renamed(one.sends),
      hears: renamed(one.hears)
    }));
    if (partType.uarts) {
      partType.uarts.pads = partType.uarts.pads.map((one) => ({ ...one, pad: renamed(one.pad) }));
    }
    if (partType.picture) {
      partType.picture = {
        ...partType.picture,
        takes: renamed(partType.picture.takes),
        gives: renamed(partType.picture.gives)
      };
    }
  }

  serialPads = $derived(
    (this.partType.pads ?? []).filter((pad) => pad.kind === 'SERIAL').map((pad) => pad.name)
  );

  videoPads = $derived(
    (this.partType.pads ?? []).filter((pad) => pad.kind === 'VIDEO').map((pad) => pad.name)
  );

  /** Says what the part does with the picture, on the first video pads that fit; nothing takes it off. */
  shows(role: Picture['role'] | ''): void {
    if (role === '') {
      delete this.partType.picture;
      return;
    }
    const [one = '', other = ''] = this.videoPads;
    const takes = role === 'OVERLAY' || role === 'TRANSMITTER' ? one : '';
    const gives = role === 'CAMERA' ? one : role === 'OVERLAY' ? other : '';
    const sends = role === 'TRANSMITTER' || role === 'AIR_UNIT';
    this.partType.picture = { role, takes, gives, milliwatts: sends ? [25, 200] : [] };
  }

  /** Begins the uarts of a board, or takes in the serial pads that are not among them yet. */
  leadOut(): void {
    const known = this.partType.uarts?.pads ?? [];
    const more = this.serialPads.filter((name) => known.every((one) => one.pad !== name));
    this.partType.uarts = {
      processor: 'F7',
      computer: '',
      soft: [],
      silent: '',
      ...this.partType.uarts,
      pads: [
        ...known,
        ...more.map((pad) => ({
          pad,
          uart: /(\d+)$/.exec(pad)?.[1] ?? '1',
          side: /^T/.test(pad) ? ('TX' as const) : ('RX' as const),
          inverter: 'NONE' as const,
          bears5V: false
        }))
      ]
    };
  }

  /** Another line that the part speaks on. */
  addLine(): void {
    const taken = (this.partType.spoken ?? []).flatMap((one) => [one.sends, one.hears]);
    const sends = this.serialPads.find((name) => !taken.includes(name)) ?? '';
    this.partType.spoken = [
      ...(this.partType.spoken ?? []),
      { job: 'RECEIVER', formats: ['SBUS'], sends, hears: '', highV: 3.3 }
    ];
  }

  addRegulator(): void {
    const pads = this.partType.pads ?? [];
    const feed = pads.find((pad) => pad.kind === 'FEED' && pad.volts > 0);
    this.partType.regulators = [
      ...(this.partType.regulators ?? []),
      {
        in: pads.find((pad) => pad.kind === 'SUPPLY')?.name ?? '',
        out: feed?.name ?? '',
        minus: pads.find((pad) => pad.kind === 'GROUND')?.name ?? '',
        volts: feed?.volts ?? 5,
        limitA: 1,
        linear: false
      }
    ];
  }

  async keep(): Promise<boolean> {
    return this.run(async () => {
      const body = $state.snapshot(this.partType) as Sort;
      await (this.known
        ? ask(api.PUT('/api/parts-library/{id}', { params: { path: { id: this.known } }, body }))
        : ask(api.POST('/api/parts-library', { body })));
    });
  }
}
