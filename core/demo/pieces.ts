// Written by `npm run kinds` from the folders of kinds/.
import type { DemoPiece } from '../structures/demo-piece';
import { demo as aFrame } from '../structures/kinds/a-frame/demo';
import { demo as arbor } from '../structures/kinds/arbor/demo';
import { demo as bedCanopy } from '../structures/kinds/bed-canopy/demo';
import { demo as brushwood } from '../structures/kinds/brushwood/demo';
import { demo as cloche } from '../structures/kinds/cloche/demo';
import { demo as coldFrame } from '../structures/kinds/cold-frame/demo';
import { demo as collar } from '../structures/kinds/collar/demo';
import { demo as crossedCanes } from '../structures/kinds/crossed-canes/demo';
import { demo as electricFence } from '../structures/kinds/electric-fence/demo';
import { demo as flatCover } from '../structures/kinds/flat-cover/demo';
import { demo as gardenFence } from '../structures/kinds/garden-fence/demo';
import { demo as gardenGate } from '../structures/kinds/garden-gate/demo';
import { demo as growThrough } from '../structures/kinds/grow-through/demo';
import { demo as guyedWall } from '../structures/kinds/guyed-wall/demo';
import { demo as hoopTunnel } from '../structures/kinds/hoop-tunnel/demo';
import { demo as insectCage } from '../structures/kinds/insect-cage/demo';
import { demo as liddedFrame } from '../structures/kinds/lidded-frame/demo';
import { demo as meshCage } from '../structures/kinds/mesh-cage/demo';
import { demo as obelisk } from '../structures/kinds/obelisk/demo';
import { demo as palletFence } from '../structures/kinds/pallet-fence/demo';
import { demo as palletPlanter } from '../structures/kinds/pallet-planter/demo';
import { demo as panelArch } from '../structures/kinds/panel-arch/demo';
import { demo as panelWall } from '../structures/kinds/panel-wall/demo';
import { demo as planterBox } from '../structures/kinds/planter-box/demo';
import { demo as postAndWire } from '../structures/kinds/post-and-wire/demo';
import { demo as railTrellis } from '../structures/kinds/rail-trellis/demo';
import { demo as rainRoof } from '../structures/kinds/rain-roof/demo';
import { demo as raisedBed } from '../structures/kinds/raised-bed/demo';
import { demo as slopingFrame } from '../structures/kinds/sloping-frame/demo';
import { demo as stake } from '../structures/kinds/stake/demo';
import { demo as standing } from '../structures/kinds/standing/demo';
import { demo as tepee } from '../structures/kinds/tepee/demo';
import { demo as tower } from '../structures/kinds/tower/demo';
import { demo as twineFrame } from '../structures/kinds/twine-frame/demo';
import { demo as walkInCage } from '../structures/kinds/walk-in-cage/demo';
import { demo as wallTrellis } from '../structures/kinds/wall-trellis/demo';
import { demo as wallWires } from '../structures/kinds/wall-wires/demo';
import { demo as weave } from '../structures/kinds/weave/demo';
import { demo as wovenFrame } from '../structures/kinds/woven-frame/demo';

/** What of each kind stands in the demo garden. */
export const DEMO_PIECES: readonly (DemoPiece & { kind: string })[] = [
  { kind: 'a-frame', ...aFrame },
  { kind: 'arbor', ...arbor },
  { kind: 'bed-canopy', ...bedCanopy },
  { kind: 'brushwood', ...brushwood },
  { kind: 'cloche', ...cloche },
  { kind: 'cold-frame', ...coldFrame },
  { kind: 'collar', ...collar },
  { kind: 'crossed-canes', ...crossedCanes },
  { kind: 'electric-fence', ...electricFence },
  { kind: 'flat-cover', ...flatCover },
  { kind: 'garden-fence', ...gardenFence },
  { kind: 'garden-gate', ...gardenGate },
  { kind: 'grow-through', ...growThrough },
  { kind: 'guyed-wall', ...guyedWall },
  { kind: 'hoop-tunnel', ...hoopTunnel },
  { kind: 'insect-cage', ...insectCage },
  { kind: 'lidded-frame', ...liddedFrame },
  { kind: 'mesh-cage', ...meshCage },
  { kind: 'obelisk', ...obelisk },
  { kind: 'pallet-fence', ...palletFence },
  { kind: 'pallet-planter', ...palletPlanter },
  { kind: 'panel-arch', ...panelArch },
  { kind: 'panel-wall', ...panelWall },
  { kind: 'planter-box', ...planterBox },
  { kind: 'post-and-wire', ...postAndWire },
  { kind: 'rail-trellis', ...railTrellis },
  { kind: 'rain-roof', ...rainRoof },
  { kind: 'raised-bed', ...raisedBed },
  { kind: 'sloping-frame', ...slopingFrame },
  { kind: 'stake', ...stake },
  { kind: 'standing', ...standing },
  { kind: 'tepee', ...tepee },
  { kind: 'tower', ...tower },
  { kind: 'twine-frame', ...twineFrame },
  { kind: 'walk-in-cage', ...walkInCage },
  { kind: 'wall-trellis', ...wallTrellis },
  { kind: 'wall-wires', ...wallWires },
  { kind: 'weave', ...weave },
  { kind: 'woven-frame', ...wovenFrame },
];
