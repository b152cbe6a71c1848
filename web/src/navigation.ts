import type * as Pages from './router';

type Router = Pick<typeof Pages, 'navigate' | 'route'>;

let router: Router | undefined;

/** The table of pages says here how one goes to them, so that no page needs to know the table. */
export function useRouter(pages: Router) {
  router = pages;
}

function known(): Router {
  if (!router) {
    throw new Error('No table of pages is in use.');
  }
  return router;
}

export const navigate = ((...to: Parameters<typeof Pages.navigate>) =>
  known().navigate(...to)) as typeof Pages.navigate;

/** Where one is. */
export const route = {
  get params() {
    return known().route.params;
  },
  get pathname() {
    return known().route.pathname;
  }
};
