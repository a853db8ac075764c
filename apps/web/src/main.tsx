import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, type RouteObject, RouterProvider } from 'react-router';
import { claimTab } from './job/store/tab.ts';
import { Toaster } from 'sonner';
import { NotFound } from './shared/frame/NotFound.tsx';
import { PageTrouble } from './shared/frame/PageTrouble.tsx';
import { Shell } from './shared/frame/Shell.tsx';

const client = new QueryClient({
  defaultOptions: { queries: { staleTime: 30_000, retry: 1, refetchOnWindowFocus: true } },
});

/** All stages come together, so that walking through a job never waits, and works with the server gone. */
const stages = () => import('./stages/index.ts');

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
      { index: true, lazy: async () => ({ Component: (await import('./job/JobPage.tsx')).FirstStage }) },
      { path: 'brief', lazy: async () => ({ Component: (await stages()).BriefStage }) },
      { path: 'survey', lazy: async () => ({ Component: (await stages()).SurveyStage }) },
      { path: 'design', lazy: async () => ({ Component: (await stages()).DesignStage }) },
      { path: 'bend', lazy: async () => ({ Component: (await stages()).BendStage }) },
      { path: 'cope', lazy: async () => ({ Component: (await stages()).CopeStage }) },
      { path: 'build', lazy: async () => ({ Component: (await stages()).BuildStage }) },
      { path: 'build/tube', lazy: async () => ({ Component: (await stages()).TubeStage }) },
      { path: 'inspect', lazy: async () => ({ Component: (await stages()).InspectStage }) },
      {
        path: 'inspect/history',
        lazy: async () => ({
          Component: (await import('./stages/inspect/HistoryPage.tsx')).HistoryPage,
        }),
      },
      {
        path: 'inspect/as-built',
        lazy: async () => ({
          Component: (await import('./stages/inspect/asBuilt/AsBuiltPage.tsx')).AsBuiltPage,
        }),
      },
      {
        path: 'harness',
        lazy: async () => ({
          Component: (await import('./stages/harness/HarnessPage.tsx')).HarnessPage,
        }),
      },
      {
        path: 'driver',
        lazy: async () => ({ Component: (await import('./stages/driver/DriverPage.tsx')).DriverPage }),
      },
      {
        path: 'practice',
        lazy: async () => ({
          Component: (await import('./stages/practice/PracticePage.tsx')).PracticePage,
        }),
      },
      {
        path: 'variants',
        lazy: async () => ({
          Component: (await import('./stages/variants/VariantsPage.tsx')).VariantsPage,
        }),
      },
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
        <Toaster position="bottom-right" richColors />
      </QueryClientProvider>
    </StrictMode>,
  );
}

const root = document.getElementById('root');
// Before anything is kept: drafts stand under this tab's name.
if (root) void claimTab().then(() => show(root));
