/** Tells the number of the last event whenever a work-up went on, whoever wrote it; gives what ends it. */
export function follow(id: number, told: (version: number) => void): () => void {
  const line = new EventSource(`/api/work-ups/${id}/live`);
  line.onmessage = (event: MessageEvent<string>) => told(Number(event.data));
  return () => line.close();
}
