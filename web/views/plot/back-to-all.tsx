import { ChevronLeft } from 'lucide-react';
import { Button } from '../../ui/button';

/** From what is chosen back to the list of all of it. */
export const BackToAll = ({ onBack }: { onBack: () => void }) => (
  <Button look="quiet" className="-ml-3 !px-3" onClick={onBack}>
    <ChevronLeft size={17} aria-hidden />
    All of the garden
  </Button>
);
