/** One of a list to choose from. */
export interface Choice {
  id: string;
  label: string;
  disabled?: boolean;
  /** The heading it stands under. */
  group?: string;
}

export interface ChooserProps {
  id?: string;
  value: string;
  choices: readonly Choice[];
  onChange: (id: string) => void;
  label: string;
  className?: string;
}

/** What opens: as the chooser it takes the place of, open at once where that was pressed. */
export type ListProps = ChooserProps & { className: string; startOpen: boolean; takeFocus: boolean };
