import { DEMO_PLAN } from '../demo/garden';
import { computeGarden, computeStructure } from '../plan/compute';
import { drawViews } from '../drawing/views';
import { setOnPaper } from '../drawing/sheet';
import { toSvg, PRINT_STYLE } from '../drawing/svg';
let html='<body style="margin:8px;font-family:sans-serif">';
for (const s of DEMO_PLAN.structures.slice(Number(process.argv[2]??0), Number(process.argv[3]??2))) {
  const c = computeStructure(DEMO_PLAN, s);
  const views = drawViews(c.sized.design, c.setting.bed);
  html += `<div style="width:820px">${toSvg(setOnPaper(views[0]!, {widthPx:820,heightPx:340,units:'imperial'}), PRINT_STYLE)}</div>`;
  html += `<div style="display:flex"><div style="width:540px">${toSvg(setOnPaper(views[1]!, {widthPx:540,heightPx:150,units:'imperial'}))}</div><div style="width:260px">${toSvg(setOnPaper(views[2]!, {widthPx:260,heightPx:220,units:'imperial'}))}</div></div>`;
}
process.stdout.write(html);
const t=performance.now(); for(let i=0;i<200;i++){ const c=computeStructure(DEMO_PLAN, DEMO_PLAN.structures[i%5]!); const v=drawViews(c.sized.design,c.setting.bed); v.map(x=>toSvg(setOnPaper(x,{widthPx:800,heightPx:300,units:'imperial'})));} console.error('ms per whole recompute',(performance.now()-t)/200);
