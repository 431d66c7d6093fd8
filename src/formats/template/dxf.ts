import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import type { TemplatePiece } from '@/core/engine/template/pieces';
import { textAt } from './svg';

/** A template as DXF in millimetres: layers CUT (outline, holes), MARK and TEXT. */
export function templateDxf(piece: TemplatePiece): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLayer('CUT', Colors.White, 'Continuous');
  dxf.addLayer('MARK', Colors.Cyan, 'Continuous');
  dxf.addLayer('TEXT', Colors.Green, 'Continuous');
  dxf.setCurrentLayerName('CUT');
  dxf.addLWPolyline(
    piece.outline.map(([x, y]) => ({ point: point2d(x, y) })),
    { flags: LWPolylineFlags.Closed },
  );
  for (const h of piece.holes) dxf.addCircle(point3d(h.at[0], h.at[1]), h.radius);
  dxf.setCurrentLayerName('MARK');
  for (const m of piece.marks) dxf.addLine(point3d(...m.from), point3d(...m.to));
  dxf.setCurrentLayerName('TEXT');
  for (const m of piece.marks) {
    if (m.text === '') continue;
    const [x, y] = textAt(m.from, m.to);
    dxf.addText(point3d(x, y), 3, m.text);
  }
  piece.label.forEach((l, i) => dxf.addText(point3d(piece.labelAt[0], piece.labelAt[1] - 4 * i), 3, ascii(l)));
  return dxf.stringify();
}

/** DXF text of this age knows no more than ASCII. */
const ascii = (s: string) => s.replace(/·/g, '-').replace(/[^\x20-\x7e]/g, '?');
