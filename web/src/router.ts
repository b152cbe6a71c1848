import { createRouter } from 'sv-router';
import Bench from './bench/Bench.svelte';

export const { p, navigate, route } = createRouter({
  '/': Bench,
  '/crafts/new': () => import('./chart/NewCraft.svelte'),
  '/crafts/:mark': () => import('./chart/Chart.svelte'),
  '/work-ups/new': () => import('./workup/Intake.svelte'),
  '/work-ups/:id': () => import('./workup/WorkUp.svelte'),
  '/instruments': () => import('./instruments/Instruments.svelte'),
  '/instruments/motor-map': () => import('./instruments/MotorMap.svelte'),
  '/instruments/board-orientation': () => import('./instruments/BoardOrientation.svelte'),
  '/instruments/take-off-motion': () => import('./instruments/TakeOffMotion.svelte'),
  '/ledger': () => import('./ledger/Ledger.svelte'),
  '/handbook': () => import('./handbook/Handbook.svelte'),
  '/handbook/:id': () => import('./handbook/Page.svelte'),
  '*': () => import('./shared/NotFound.svelte')
});
