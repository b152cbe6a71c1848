import { createRouter } from 'sv-router';
import Bench from './bench/Bench.svelte';

export const { p, navigate, route } = createRouter({
  '/': Bench,
  '/new-craft': () => import('./chart/NewCraft.svelte'),
  '/crafts/:mark': () => import('./chart/Chart.svelte'),
  '/crafts/:mark/told': () => import('./chart/Told.svelte'),
  '/crafts/:mark/wiring': () => import('./chart/Wiring.svelte'),
  '/crafts/:mark/routine': () => import('./routine/Routine.svelte'),
  '/parts': () => import('./shelf/Shelf.svelte'),
  '/parts/new': () => import('./shelf/Sort.svelte'),
  '/parts/:id': () => import('./shelf/Sort.svelte'),
  '/packs': () => import('./packs/Packs.svelte'),
  '/packs/:label': () => import('./packs/Pack.svelte'),
  '/work-ups/new': () => import('./workup/Intake.svelte'),
  '/work-ups/:id': () => import('./workup/WorkUp.svelte'),
  '/instruments': () => import('./instruments/Instruments.svelte'),
  '/instruments/motor-map': () => import('./instruments/MotorMap.svelte'),
  '/instruments/board-orientation': () => import('./instruments/BoardOrientation.svelte'),
  '/instruments/take-off-motion': () => import('./instruments/TakeOffMotion.svelte'),
  '/instruments/read-here': () => import('./instruments/ReadHere.svelte'),
  '/instruments/scale-from-readings': () => import('./instruments/ScaleFromReadings.svelte'),
  '/instruments/sense-chain': () => import('./instruments/SenseChain.svelte'),
  '/instruments/pack': () => import('./instruments/PackInstrument.svelte'),
  '/instruments/rail-budget': () => import('./instruments/RailBudget.svelte'),
  '/instruments/lead-drop': () => import('./instruments/LeadDrop.svelte'),
  '/instruments/limiter-bulb': () => import('./instruments/LimiterBulb.svelte'),
  '/instruments/meter': () => import('./instruments/Meter.svelte'),
  '/ledger': () => import('./ledger/Ledger.svelte'),
  '/handbook': () => import('./handbook/Handbook.svelte'),
  '/handbook/:id': () => import('./handbook/Page.svelte'),
  '*': () => import('./shared/NotFound.svelte')
});
