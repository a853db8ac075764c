import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, type RouteObject, RouterProvider } from 'react-router';
import { claimTab } from './job/store/tab.ts';
import { NotFound } from './shared/frame/NotFound.tsx';
import { PageTrouble } from './shared/frame/PageTrouble.tsx';
import { Shell } from './shared/frame/Shell.tsx';
import { stageRoutes } from './stages/stages.ts';

/** Nothing is told before the page is there. */
const Toaster = lazy(async () => ({ default: (await import('sonner')).Toaster }));

const client = new QueryClient({
  defaultOptions: { queries: { staleTime: 30_000, retry: 1, refetchOnWindowFocus: true } },
});

/** A page that fails alone: the others, and what was typed on it, stay in reach. */
const pages: RouteObject[] = [
  { path: '/', element: <Navigate replace to="/jobs" /> },
  {
    path: '/about',
    lazy: async () => ({ Component: (await import('./about/AboutPage.tsx')).AboutPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/jobs',
    lazy: async () => ({ Component: (await import('./jobs/JobsPage.tsx')).JobsPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/jobs/:jobId',
    lazy: async () => ({ Component: (await import('./job/JobPage.tsx')).JobPage }),
    HydrateFallback: () => null,
    children: [
      // The page of the job goes on to a stage itself.
      { index: true, element: null },
      ...stageRoutes,
      { path: '*', element: <NotFound /> },
    ].map((stage) => ({ ...stage, errorElement: <PageTrouble /> })),
  },
  {
    path: '/shop',
    lazy: async () => ({ Component: (await import('./shop/ShopPage.tsx')).ShopPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/shop/rack',
    lazy: async () => ({ Component: (await import('./shop/rack/RackPage.tsx')).RackPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/shop/welding',
    lazy: async () => ({ Component: (await import('./shop/welding/WeldingPage.tsx')).WeldingPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/shop/dies/:dieId/springback',
    lazy: async () => ({
      Component: (await import('./shop/springback/SpringbackPage.tsx')).SpringbackPage,
    }),
    HydrateFallback: () => null,
  },
  {
    path: '/shop/rollers/:machineId',
    lazy: async () => ({ Component: (await import('./shop/roller/RollerPage.tsx')).RollerPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/rule-books/new',
    lazy: async () => ({ Component: (await import('./rulebooks/editor/BookEditor.tsx')).BookEditor }),
    HydrateFallback: () => null,
  },
  {
    path: '/rule-books/:bookId/revise',
    lazy: async () => ({ Component: (await import('./rulebooks/editor/BookEditor.tsx')).BookEditor }),
    HydrateFallback: () => null,
  },
  {
    path: '/rule-books/:bookId?',
    lazy: async () => ({ Component: (await import('./rulebooks/RuleBooksPage.tsx')).RuleBooksPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/floor',
    lazy: async () => ({ Component: (await import('./floor/FloorList.tsx')).FloorList }),
    HydrateFallback: () => null,
  },
  {
    path: '/floor/:issuedId',
    lazy: async () => ({ Component: (await import('./floor/FloorPage.tsx')).FloorPage }),
    HydrateFallback: () => null,
  },
  {
    path: '/log',
    lazy: async () => ({ Component: (await import('./log/LogPage.tsx')).LogPage }),
    HydrateFallback: () => null,
  },
  { path: '*', element: <NotFound /> },
];

const router = createBrowserRouter([
  { element: <Shell />, children: pages.map((page) => ({ ...page, errorElement: <PageTrouble /> })) },
]);

function show(root: HTMLElement): void {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
        <Suspense>
          <Toaster position="bottom-right" richColors style={{ fontFamily: 'inherit' }} />
        </Suspense>
      </QueryClientProvider>
    </StrictMode>,
  );
}

const root = document.getElementById('root');
// Before anything is kept: drafts stand under this tab's name.
if (root) void claimTab().then(() => show(root));
