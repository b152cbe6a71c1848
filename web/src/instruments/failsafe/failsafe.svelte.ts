import { api, ask, words, type Schemas } from '../../api/client';
import { Loading } from '../../shared/loading.svelte';

export type LinkLost = Schemas['LinkLost'];
export type Timeline = Schemas['TimelineAnswer'];
type Receiver = LinkLost['receiver'];
type AfterGuardTime = LinkLost['afterGuardTime'];

export const RECEIVERS: [Receiver, string][] = [
  ['NO_FRAMES', 'sends no frames'],
  ['FLAG', 'sends frames with the failsafe flag'],
  ['HOLD', 'holds the last values'],
  ['PRESETS', 'sends its failsafe values']
];
export const STAGES: [AfterGuardTime, string][] = [
  ['DROP', 'motors off'],
  ['LAND', 'lands on a fixed throttle'],
  ['RETURN_HOME', 'returns home']
];

const USUAL: LinkLost = {
  receiver: 'NO_FRAMES',
  noticeS: 0.5,
  presetArm: false,
  presetThrottle: 0,
  detectS: 0.2,
  guardS: 1,
  afterGuardTime: 'DROP',
  landingThrottle: 20,
  landingS: 60,
  home: {
    fix: true,
    homeSet: true,
    satellites: 10,
    wanted: 8,
    leastM: 10,
    climbToM: 30,
    levelSound: true,
    compassDeg: 0,
    at: 'ARMING'
  },
  speedMs: 10,
  heightM: 20,
  distanceM: 80,
  windMs: 0
};

/** A link that is lost in flight as it is being entered, and what becomes of the craft. */
export class FailsafeState {
  lost = $state<LinkLost>(structuredClone(USUAL));
  /** After how many seconds the link is back; never while it is empty. */
  back = $state<number | null>(null);
  /** What the craft is compared with after the guard time; nothing while it is empty. */
  other = $state<AfterGuardTime | ''>('');
  craftId = $state('');
  trouble = $state('');
  readonly solved = new Loading<Timeline>();
  readonly compared = new Loading<Timeline>();
  readonly safest = new Loading<Schemas['SafestView']>();

  constructor(craftId: string) {
    this.craftId = craftId;
  }

  /** What is asked for, as it stands now. */
  body = $derived({
    ...$state.snapshot(this.lost),
    ...(this.craftId ? { craftId: this.craftId } : {}),
    ...(this.back === null ? {} : { backS: this.back })
  });

  /** The timelines that are shown, the craft's own first. */
  shown = $derived(
    [this.solved.value, this.other ? this.compared.value : undefined].filter((one) => one !== undefined)
  );

  /** Takes receiver and FC as the sheet of the craft has them. */
  async ofSheet(): Promise<void> {
    if (!this.craftId) {
      return;
    }
    const path = { craftId: this.craftId };
    try {
      this.lost = { ...(await ask(api.GET('/api/crafts/{craftId}/lost-link', { params: { path } }))) };
    } catch (thrown) {
      this.trouble = words(thrown);
    }
  }

  async solve(): Promise<void> {
    const body = this.body;
    const afterGuardTime = this.other;
    await Promise.all([
      this.solved.load(() => ask(api.POST('/api/instruments/failsafe-timeline', { body }))),
      afterGuardTime === ''
        ? undefined
        : this.compared.load(() =>
            ask(api.POST('/api/instruments/failsafe-timeline', { body: { ...body, afterGuardTime } }))
          )
    ]);
  }

  async findSafest(): Promise<void> {
    if (!this.craftId) {
      return;
    }
    const params = { path: { craftId: this.craftId }, query: { convention: this.lost.afterGuardTime } };
    await this.safest.load(() => ask(api.GET('/api/crafts/{craftId}/safest-failsafe', { params })));
  }
}

export const stage = (id: AfterGuardTime | ''): string => STAGES.find(([one]) => one === id)?.[1] ?? '';

export const seconds = (value: number): string => `${Number(value.toFixed(1))} s`;

/** A range in words; nothing where it is as good as one number. */
export function between(range: Schemas['Between'], digits: number, unit: string): string {
  return range.most - range.least < 0.05
    ? ''
    : `${range.least.toFixed(digits)} to ${range.most.toFixed(digits)} ${unit}`;
}
