import { type CageView, cageView, type HoopAnswer, hoopFront, type Tube } from '@gyrus/core';
import { lazy, Suspense, useCallback } from 'react';
import { usePlan } from '../../job/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/DrawingView.tsx';
import { Loading } from '../../shared/Waiting.tsx';

const Space = lazy(async () => ({ default: (await import('./Space.tsx')).Space }));

export type PictureKind = 'hoop' | CageView | 'space';

interface CagePictureProps {
  kind: PictureKind;
  hoop: HoopAnswer;
  tubes: Tube[];
  selected: string | null;
  onSelect: (piece: string) => void;
}

const FRAME = 'bg-sheet border-rule rounded-machined border';
const HEIGHT = 0.6;

/** The hoop in the car, or the whole cage: in its three square views, or in space. */
export function CagePicture({ kind, hoop, tubes, selected, onSelect }: CagePictureProps) {
  if (kind === 'space')
    return (
      <Suspense fallback={<Loading what="the view in space" />}>
        <Space tubes={tubes} selected={selected} onSelect={onSelect} className={FRAME} />
      </Suspense>
    );
  return kind === 'hoop' ? (
    <HoopInCar hoop={hoop} />
  ) : (
    <SquareView view={kind} tubes={tubes} selected={selected} />
  );
}

function SquareView({ view, tubes, selected }: { view: CageView; tubes: Tube[]; selected: string | null }) {
  const draw = useCallback(
    (width: number) => cageView(tubes, { view, width, height: Math.round(width * HEIGHT), selected }),
    [tubes, view, selected],
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
