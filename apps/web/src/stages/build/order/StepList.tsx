import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { type BuildStep, isDone, type LengthStyle, type Ticked } from '@gyrus/core';
import { PLACE_WORDS, stepTitle } from '@gyrus/formats';
import { GripVertical } from 'lucide-react';
import { type ReactNode } from 'react';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { keyOfStep, type NumberedStep, stepGroups } from './stepGroups.ts';

interface StepListProps {
  steps: BuildStep[];
  ticked: Map<string, Ticked>;
  selected: string;
  onSelect: (key: string) => void;
  /** A step that was dragged onto the place of another. */
  onDrag: (key: string, over: string) => void;
}

/** Every step in its place, with what is done; steps that tack tubes are dragged, by hand or by keyboard. */
export function StepList({ steps, ticked, selected, onSelect, onDrag }: StepListProps) {
  const style = useJobStyle();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const movable = steps.filter(({ work }) => work.kind === 'tack').map(keyOfStep);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onDrag(String(active.id), String(over.id));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: spokenFor(steps, style), screenReaderInstructions: HOW_TO_MOVE }}
    >
      <SortableContext items={movable} strategy={verticalListSortingStrategy}>
        {stepGroups(steps).map(({ where, steps: own }, i) => (
          <section key={i} aria-label={PLACE_WORDS[where]}>
            <h2 className="px-4 pt-4 pb-1.5 text-sm font-semibold">{PLACE_WORDS[where]}</h2>
            <ol>
              {own.map((one) => (
                <Row
                  key={keyOfStep(one.step)}
                  {...one}
                  done={isDone(one.step, ticked)}
                  selected={keyOfStep(one.step) === selected}
                  onSelect={onSelect}
                />
              ))}
            </ol>
          </section>
        ))}
      </SortableContext>
    </DndContext>
  );
}

const HOW_TO_MOVE = {
  draggable:
    'Space picks the step up, arrow up and down take it along the list, Space puts it down there, Escape leaves it.',
};

/** What is read out while a step is moved. */
function spokenFor(steps: BuildStep[], style: LengthStyle): Announcements {
  const named = (key: UniqueIdentifier | undefined) => {
    const step = steps.find((one) => keyOfStep(one) === key);
    return step ? stepTitle(step, style) : 'nothing';
  };
  return {
    onDragStart: ({ active }) => `Picked up: ${named(active.id)}`,
    onDragOver: ({ active, over }) => `${named(active.id)}: now at ${named(over?.id)}`,
    onDragEnd: ({ active, over }) => `${named(active.id)}: put down at ${named(over?.id)}`,
    onDragCancel: ({ active }) => `Left where it was: ${named(active.id)}`,
  };
}

interface RowProps extends NumberedStep {
  done: boolean;
  selected: boolean;
  onSelect: (key: string) => void;
}

const Row = (props: RowProps) =>
  props.step.work.kind === 'tack' ? <MovableRow {...props} /> : <StepRow {...props} grip={null} />;

function MovableRow(props: RowProps) {
  const style = useJobStyle();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: keyOfStep(props.step),
  });
  return (
    <StepRow
      {...props}
      rowRef={setNodeRef}
      shift={{ transform: CSS.Translate.toString(transform), transition }}
      grip={
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move “${stepTitle(props.step, style)}”`}
          className="text-quiet min-h-11 shrink-0 cursor-grab touch-none px-2"
        >
          <GripVertical aria-hidden="true" className="size-5" />
        </button>
      }
    />
  );
}

interface StepRowProps extends RowProps {
  grip: ReactNode;
  rowRef?: (node: HTMLElement | null) => void;
  shift?: { transform: string | undefined; transition: string | undefined };
}

function StepRow({ step, number, done, selected, onSelect, grip, rowRef, shift }: StepRowProps) {
  const style = useJobStyle();
  return (
    <li
      ref={rowRef}
      style={shift}
      className={`border-rule flex items-center border-b border-l-4 ${selected ? 'border-l-chalk bg-white' : 'border-l-transparent'}`}
    >
      <button
        type="button"
        aria-current={selected ? 'step' : undefined}
        className="flex min-h-11 min-w-0 flex-1 items-center gap-3 py-1.5 pr-2 pl-3 text-left"
        onClick={() => onSelect(keyOfStep(step))}
      >
        <span className="figure w-7 shrink-0 text-right">{number}</span>
        <span className={`min-w-0 flex-1 ${done ? 'text-quiet line-through' : ''}`}>
          <Typeset text={stepTitle(step, style)} />
        </span>
        {done && <StatusMark status="clear" word="done" />}
      </button>
      {grip}
    </li>
  );
}
