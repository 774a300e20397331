import { Bench } from '../../../../../views/bench/bench';

/** A structure the server does not know: what was just begun in this tab may be one, and is on its bench all the same. */
export default function UnknownStructure() {
  return <Bench />;
}
