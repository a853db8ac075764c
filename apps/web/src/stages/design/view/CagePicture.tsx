import {
  type CageView,
  cageView,
  type Evaluation,
  type HoopAnswer,
  hoopFront,
  type Plan,
  type Tube,
  type Vec3,
} from '@gyrus/core';
import { lazy, Suspense, useCallback, useMemo } from 'react';
import { ErrorBoundary } from '../../../shared/frame/ErrorBoundary.tsx';
import { usePlan } from '../../../job/store/planStore.ts';
import { useCopes } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { FittedDrawing } from '../../../shared/figures/DrawingView.tsx';
import { Loading } from '../../../shared/frame/Waiting.tsx';
import { type ViewSettings } from './viewSettings.ts';

const Space = lazy(async () => ({ default: (await import('../space/Space.tsx')).Space }));

/** The pictures of a cage. */
export type PictureKind = 'hoop' | CageView | 'space';

interface CagePictureProps {
  kind: PictureKind;
  hoop: HoopAnswer | null;
  evaluation: Evaluation;
  tubes: Tube[];
  selected: string | null;
  onSelect: (piece: string) => void;
  settings: ViewSettings;
  measure: [Vec3, Vec3] | null;
}

const FRAME = 'bg-sheet border-rule rounded-machined border';
const HEIGHT = 0.6;
/** A narrower picture has no room for stamps in its margins. px */
const NARROW = 560;

/** Whether this browser draws in space at all. */
export const hasWebGl: boolean = (() => {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
})();

/** The hoop in the car, or the whole cage: in its three square views, or in space. */
export function CagePicture(props: CagePictureProps) {
  const { kind, hoop, evaluation, tubes, selected, onSelect, settings, measure } = props;
  const { survey, occupants, plates, gussets } = usePlan();
  const around = useMemo(
    () => ({ survey, occupants, plates, gussets }),
    [survey, occupants, plates, gussets],
  );
  if (kind === 'space')
    return <InSpace {...{ around, evaluation, tubes, selected, onSelect, measure, settings }} />;
  if (kind === 'hoop') return hoop && <HoopInCar hoop={hoop} />;
  return <SquareView view={kind} tubes={tubes} selected={selected} />;
}

interface InSpaceProps extends Omit<CagePictureProps, 'kind' | 'hoop'> {
  around: Pick<Plan, 'survey' | 'occupants' | 'plates' | 'gussets'>;
}

/** Tubes are square at first; their cuts come after them, when they are computed for these very tubes. */
function InSpace({ settings, ...props }: InSpaceProps) {
  const copes = useCopes();
  return (
    <ErrorBoundary what="The view in space">
      <Suspense fallback={<Loading what="the view in space" />}>
        <Space
          {...props}
          copes={copes}
          view={settings.eye}
          car={settings.car}
          stamps={settings.stamps}
          ghosts={settings.ghosts}
          className={FRAME}
        />
      </Suspense>
    </ErrorBoundary>
  );
}

function SquareView({ view, tubes, selected }: { view: CageView; tubes: Tube[]; selected: string | null }) {
  const style = useJobStyle();
  const { survey } = usePlan();
  const draw = useCallback(
    (width: number) =>
      cageView(tubes, {
        view,
        width,
        height: Math.round(width * HEIGHT),
        selected: selected === null ? [] : [selected],
        // In the margins, where they hide no joint; on a phone only what is worked on.
        stamps: width < NARROW ? 'selected' : 'leaders',
        survey,
        style,
      }),
    [tubes, view, selected, style, survey],
  );
  return <FittedDrawing draw={draw} className={FRAME} />;
}

function HoopInCar({ hoop }: { hoop: HoopAnswer }) {
  const plan = usePlan();
  const style = useJobStyle();
  const { tube, sheet, gaps } = hoop;
  const geometry = 'hoop' in hoop.hoop ? hoop.hoop.hoop : null;
  const draw = useCallback(
    (width: number) =>
      geometry && tube
        ? hoopFront(geometry, tube, sheet, {
            width,
            height: Math.round(width * HEIGHT),
            style,
            body: { measures: plan.survey.measures, gaps },
          })
        : null,
    [geometry, tube, sheet, gaps, plan.survey.measures, style],
  );
  return <FittedDrawing draw={draw} className={FRAME} />;
}
