import { type ComponentType, useEffect } from 'react';
import { type RouteObject } from 'react-router';

/** The pages of a job by their place in its address, each fetched when it is first wanted. */
const STAGES: Record<string, () => Promise<ComponentType>> = {
  brief: async () => (await import('./brief/BriefStage.tsx')).BriefStage,
  survey: async () => (await import('./survey/SurveyStage.tsx')).SurveyStage,
  design: async () => (await import('./design/DesignStage.tsx')).DesignStage,
  harness: async () => (await import('./harness/HarnessPage.tsx')).HarnessPage,
  driver: async () => (await import('./driver/DriverPage.tsx')).DriverPage,
  bend: async () => (await import('./bend/BendStage.tsx')).BendStage,
  practice: async () => (await import('./practice/PracticePage.tsx')).PracticePage,
  cope: async () => (await import('./cope/CopeStage.tsx')).CopeStage,
  build: async () => (await import('./build/BuildStage.tsx')).BuildStage,
  'build/tube': async () => (await import('./build/TubeStage.tsx')).TubeStage,
  inspect: async () => (await import('./inspect/InspectStage.tsx')).InspectStage,
  'inspect/history': async () => (await import('./inspect/HistoryPage.tsx')).HistoryPage,
  'inspect/as-built': async () => (await import('./inspect/asBuilt/AsBuiltPage.tsx')).AsBuiltPage,
  variants: async () => (await import('./variants/VariantsPage.tsx')).VariantsPage,
};

/** Their routes, below that of the job. */
export const stageRoutes: RouteObject[] = Object.entries(STAGES).map(([path, fetched]) => ({
  path,
  lazy: async () => ({ Component: await fetched() }),
}));

/** How long the page may be busy before the other stages are fetched all the same. ms */
const PATIENCE = 2000;

/**
 * Fetches every stage once there is time for it: walking through a job does not wait, and works with the server gone.
 * ready: the stage that was asked for is there.
 */
export function useStagesAtHand(ready: boolean): void {
  useEffect(() => {
    if (!ready) return;
    // One that does not come is asked for again when it is wanted.
    const fetchAll = () => void Promise.allSettled(Object.values(STAGES).map((fetched) => fetched()));
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(fetchAll, PATIENCE);
      return () => clearTimeout(timer);
    }
    const idle = requestIdleCallback(fetchAll, { timeout: PATIENCE });
    return () => cancelIdleCallback(idle);
  }, [ready]);
}
