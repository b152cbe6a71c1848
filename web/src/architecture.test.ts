import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';

const sources = import.meta.glob<string>(['./**/*.ts', './**/*.svelte', '!./**/*.test.ts'], {
  query: '?raw',
  import: 'default',
  eager: true
});

/** The shared styles; the test's own loader would leave them out. */
const shared = ['app.css', 'theme.css'].map((name) => readFileSync(`src/${name}`, 'utf8')).join('\n');

/** What a file loads when it is loaded; types alone load nothing. */
function loads(path: string): string[] {
  const found = (sources[path] ?? '').matchAll(
    /(?:^|\n)\s*(?:import|export)(?! type)\s(?:[^;'"]*\sfrom\s)?['"](\.[^'"]+)['"]|import\(['"](\.[^'"]+)['"]\)/g
  );
  return [...found].map((m) => resolved(path, m[1] ?? m[2] ?? '')).filter((p) => p !== undefined);
}

function resolved(from: string, to: string): string | undefined {
  const parts = from.split('/').slice(0, -1);
  for (const step of to.split('/')) {
    if (step === '..') parts.pop();
    else if (step !== '.') parts.push(step);
  }
  const path = parts.join('/');
  return ['', '.ts', '.svelte.ts'].map((end) => path + end).find((p) => p in sources);
}

/** A way from a file back to itself; nothing where there is none. */
function circle(from: string, edges: Map<string, string[]>): string[] | undefined {
  const seen = new Set<string>();
  const ways = [[from]];
  for (let way = ways.pop(); way; way = ways.pop()) {
    for (const next of edges.get(way[way.length - 1] ?? '') ?? []) {
      if (next === from) return [...way, next];
      if (!seen.has(next)) {
        seen.add(next);
        ways.push([...way, next]);
      }
    }
  }
  return undefined;
}

const edges = new Map(Object.keys(sources).map((path) => [path, loads(path)]));

test('imports are found', () => {
  expect(edges.get('./router.ts')).toContain('./bench/Bench.svelte');
  expect(edges.get('./router.ts')).toContain('./workup/WorkUp.svelte');
});

test('no file loads itself by way of others', () => {
  const circles = [...edges.keys()].map((path) => circle(path, edges)).filter(Boolean);
  expect(circles).toEqual([]);
});

test('a component has at most 200 lines', () => {
  const long = Object.entries(sources)
    .filter(([path, text]) => path.endsWith('.svelte') && text.trimEnd().split('\n').length > 200)
    .map(([path]) => path);
  expect(long).toEqual([]);
});

test('a class that is put together in a drawing has a style', () => {
  const bare = Object.entries(sources).flatMap(([path, text]) =>
    [...text.matchAll(/class=(?:\{`|")([a-z][\w-]*) [^"`]*\{/g)]
      .map((found) => found[1] ?? '')
      .filter((name) => !new RegExp(`\\.${name}\\b`).test(text.split('<style>')[1] + shared))
      .map((name) => `${path}: ${name}`)
  );
  expect(bare).toEqual([]);
});

/** Classes that are written out where they are used. */
function written(markup: string): Set<string> {
  const found = [
    ...markup.matchAll(/class="([^"{]*)/g),
    ...markup.matchAll(/class=\{`([^`$]*)/g),
    ...markup.matchAll(/class:([\w-]+)/g)
  ];
  return new Set(found.flatMap((one) => (one[1] ?? '').split(/\s+/)));
}

/** A class that a value gives: alone, or after one that is written out. Those that a caller hands in are its affair. */
const FOLLOWS = /class=(?:\{[^'"`{}]+\}|\{`[^`]*\$\{|"[^"]*\{)/;

test('a class that follows from a value has a style of its own', () => {
  const plain = Object.entries(sources)
    .filter(([path, text]) => path.endsWith('.svelte') && FOLLOWS.test(text) && !/\bclass: \w+/.test(text))
    .filter(([, text]) => {
      const [markup = '', style = ''] = text.split('<style>');
      const names = written(markup);
      const beneath = [...names].flatMap((name) =>
        name ? [...shared.matchAll(new RegExp(`\\.${name}[ .]\\.?([\\w-]+)`, 'g'))].map((one) => one[1]) : []
      );
      const styled = [...style.matchAll(/\.([a-zA-Z][\w-]*)/g)].map((one) => one[1]);
      return ![...styled, ...beneath].some((name) => name !== undefined && !names.has(name));
    })
    .map(([path]) => path);
  expect(plain).toEqual([]);
});

test('a link to an instrument leads to a page that is in the table', () => {
  const table = sources['./router.ts'] ?? '';
  const links = Object.entries(sources)
    .filter(([path]) => path.endsWith('.svelte'))
    .flatMap(([path, text]) =>
      [...text.matchAll(/(?:href=["{`]+|navigate\(')(\/instruments\/[a-z-]+)/g)].map((found) => [
        path,
        found[1] ?? ''
      ])
    );
  expect(links.length).toBeGreaterThan(10);
  expect(links.filter(([, to]) => !table.includes(`'${to}'`))).toEqual([]);
});
