import { api, ask, type Schemas } from '../api/client';
import { send, Upload } from '../shared/upload.svelte';

/** A row of a family's table: name, setting, first and last version, times, values. */
export type NameRow = [string, string, string, string, string, string];

/** In place of a name: the row tells what versions are able to do. */
export const ABLE = '*';
/** Rows before the first name: the family's own and the headings. */
const BEFORE = 2;

/** One family: its table of names shown to be changed, or on its way in. */
export class FamilyState extends Upload<Schemas['FamilyView']> {
  id = $state('');
  label = $state('');
  assigns = $state('');
  versions = $state('');
  rows = $state<NameRow[]>([]);
  opened = $state(false);
  /** What the family is called that was kept last. */
  kept = $state('');

  constructor(sending: typeof send<Schemas['FamilyView']> = send) {
    super('/api/firmware-families', sending);
  }

  /** The row that was refused, counted from 0; nothing where none was. */
  get wrongRow(): number | undefined {
    const row = /^rows\[(\d+)\]/.exec(this.wrong[0]?.where ?? '')?.[1];
    return row === undefined ? undefined : Number(row) - BEFORE;
  }

  names = $derived(
    this.versions
      .split(',')
      .map((one) => one.trim())
      .filter((one) => one !== '')
  );

  /** Shows the table of a family; one that ships is begun anew under another id. */
  async open(id: string, own: boolean): Promise<void> {
    this.kept = '';
    await this.doing(async () => {
      const { rows } = await ask(api.GET('/api/firmware-families/{id}/rows', { params: { path: { id } } }));
      const [, , label = '', assigns = '', ...versions] = rows[0] ?? [];
      this.id = own ? id : `${id}-own`;
      this.label = own ? label : `${label} of our own`;
      this.assigns = assigns;
      this.versions = versions.join(', ');
      this.rows = rows.slice(BEFORE).map((row) => row as NameRow);
      this.opened = true;
    });
  }

  /** A new row at the top, where it is seen. */
  add(name = ''): void {
    this.rows = [[name, '', this.names[0] ?? '', '', '', ''], ...this.rows];
  }

  remove(row: NameRow): void {
    this.rows = this.rows.filter((one) => one !== row);
  }

  /** Keeps what is shown, whole or not at all; tells whether it was kept. */
  async keepShown(): Promise<boolean> {
    this.kept = '';
    return this.doing(async () => {
      const rows = [
        ['family', this.id.trim(), this.label.trim(), this.assigns.trim(), ...this.names],
        ['name', 'setting', 'since', 'until', 'times', 'values'],
        ...this.rows.map((row) => row.map((field) => field.trim()))
      ];
      this.kept = (await ask(api.POST('/api/firmware-families/rows', { body: { rows } }))).label;
    });
  }

  /** Takes a table in, whole or not at all; tells whether it was kept. */
  async keep(file: Blob, name: string): Promise<boolean> {
    this.take(file, name);
    const kept = await this.read('');
    this.kept = kept?.label ?? '';
    return kept !== null;
  }

  private async doing(what: () => Promise<void>): Promise<boolean> {
    this.refused('');
    try {
      await what();
      return true;
    } catch (thrown) {
      this.refused(thrown);
      return false;
    }
  }
}
