import { CHOOSING_PHRASES } from '@lignum/core/choosing/phrases';
import { say, type Fact } from '@lignum/core/wording/say';
import { useGarden } from '../shell/garden-context';

/** One bed to choose, with what speaks for and against it; the whole line is the button. */
export function BedOption({
  chosen,
  onChoose,
  name,
  about,
  best,
  pro,
  con,
}: {
  chosen: boolean;
  onChoose: () => void;
  name: string;
  about: string;
  best: boolean;
  pro: readonly Fact[];
  con: readonly Fact[];
}) {
  const { tongue } = useGarden();
  return (
    <label
      className={`flex min-h-11 cursor-pointer gap-3 border-t border-rule py-2 ${chosen ? 'bg-chalk-wash' : 'hover:bg-well'} px-2`}
    >
      <input
        type="radio"
        name="bed"
        className="mt-1 size-5 shrink-0 accent-(--chalk)"
        checked={chosen}
        onChange={onChoose}
      />
      <span className="min-w-0 grow">
        <span className="font-semibold">{name}</span> <span className="text-soft">{about}</span>
        {best && <span className="ml-2 text-[0.85rem] font-semibold text-leaf">best place</span>}
        <span className="block text-[0.9rem] leading-snug text-soft">
          {con.map((told) => (
            <span key={told.code} className="mr-1.5 text-ochre">
              {say(told, CHOOSING_PHRASES, tongue)}
            </span>
          ))}
          {pro.map((told) => (
            <span key={told.code} className="mr-1.5">
              {say(told, CHOOSING_PHRASES, tongue)}
            </span>
          ))}
        </span>
      </span>
    </label>
  );
}
