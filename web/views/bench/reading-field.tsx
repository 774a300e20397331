import { X } from 'lucide-react';
import { stepOf } from '@lignum/core/structures/knob';
import { LengthInput } from '../../ui/field';
import { useGarden } from '../shell/garden-context';

/** A length that a tape or a level said of what stands, and a way to forget it. */
export function ReadingField({
  id,
  mm,
  isRead,
  leastMm,
  mostMm,
  forgets,
  onSay,
  onFault,
  className,
  blank = false,
}: {
  id: string;
  mm: number;
  /** It was read: it stands out, and can be forgotten. */
  isRead: boolean;
  leastMm: number;
  mostMm: number;
  /** What the button that forgets it is called. */
  forgets: string;
  onSay: (mm: number | null) => void;
  onFault: (fault: string | null) => void;
  className: string;
  /** Unread it is empty; else it shows what is planned. */
  blank?: boolean;
}) {
  const { tongue } = useGarden();
  return (
    <span className="flex shrink-0 items-center">
      <LengthInput
        id={id}
        mm={mm}
        units={tongue.units}
        min={leastMm}
        max={mostMm}
        step={stepOf({}, tongue.units)}
        onChange={onSay}
        onFault={onFault}
        blank={blank && !isRead}
        className={`text-right ${className}`}
      />
      <button
        type="button"
        aria-label={forgets}
        title="Forget it"
        disabled={!isRead}
        onClick={() => onSay(null)}
        className="grid size-11 place-items-center text-soft hover:text-ink disabled:invisible"
      >
        <X size={17} aria-hidden />
      </button>
    </span>
  );
}
