// Written by `npm run kinds` from the folders of kinds/.
import type { StructureKind } from './kind';
import { kind as aFrame } from './kinds/a-frame/index';
import { kind as arbor } from './kinds/arbor/index';
import { kind as bedCanopy } from './kinds/bed-canopy/index';
import { kind as brushwood } from './kinds/brushwood/index';
import { kind as cloche } from './kinds/cloche/index';
import { kind as coldFrame } from './kinds/cold-frame/index';
import { kind as collar } from './kinds/collar/index';
import { kind as crossedCanes } from './kinds/crossed-canes/index';
import { kind as electricFence } from './kinds/electric-fence/index';
import { kind as flatCover } from './kinds/flat-cover/index';
import { kind as gardenFence } from './kinds/garden-fence/index';
import { kind as gardenGate } from './kinds/garden-gate/index';
import { kind as growThrough } from './kinds/grow-through/index';
import { kind as guyedWall } from './kinds/guyed-wall/index';
import { kind as hoopTunnel } from './kinds/hoop-tunnel/index';
import { kind as insectCage } from './kinds/insect-cage/index';
import { kind as liddedFrame } from './kinds/lidded-frame/index';
import { kind as meshCage } from './kinds/mesh-cage/index';
import { kind as obelisk } from './kinds/obelisk/index';
import { kind as palletFence } from './kinds/pallet-fence/index';
import { kind as palletPlanter } from './kinds/pallet-planter/index';
import { kind as panelArch } from './kinds/panel-arch/index';
import { kind as panelWall } from './kinds/panel-wall/index';
import { kind as planterBox } from './kinds/planter-box/index';
import { kind as postAndWire } from './kinds/post-and-wire/index';
import { kind as railTrellis } from './kinds/rail-trellis/index';
import { kind as rainRoof } from './kinds/rain-roof/index';
import { kind as raisedBed } from './kinds/raised-bed/index';
import { kind as slopingFrame } from './kinds/sloping-frame/index';
import { kind as stake } from './kinds/stake/index';
import { kind as standing } from './kinds/standing/index';
import { kind as tepee } from './kinds/tepee/index';
import { kind as tower } from './kinds/tower/index';
import { kind as twineFrame } from './kinds/twine-frame/index';
import { kind as walkInCage } from './kinds/walk-in-cage/index';
import { kind as wallTrellis } from './kinds/wall-trellis/index';
import { kind as wallWires } from './kinds/wall-wires/index';
import { kind as weave } from './kinds/weave/index';
import { kind as wovenFrame } from './kinds/woven-frame/index';

/** Every kind of structure the program can plan. */
export const KINDS: readonly StructureKind[] = [
  aFrame,
  arbor,
  bedCanopy,
  brushwood,
  cloche,
  coldFrame,
  collar,
  crossedCanes,
  electricFence,
  flatCover,
  gardenFence,
  gardenGate,
  growThrough,
  guyedWall,
  hoopTunnel,
  insectCage,
  liddedFrame,
  meshCage,
  obelisk,
  palletFence,
  palletPlanter,
  panelArch,
  panelWall,
  planterBox,
  postAndWire,
  railTrellis,
  rainRoof,
  raisedBed,
  slopingFrame,
  stake,
  standing,
  tepee,
  tower,
  twineFrame,
  walkInCage,
  wallTrellis,
  wallWires,
  weave,
  wovenFrame,
];

export function kindOf(id: string): StructureKind {
  const kind = KINDS.find((one) => one.id === id);
  if (!kind) throw new Error(`No kind of structure is called "${id}": check the id at the door before asking.`);
  return kind;
}
