import { arrowLines, type FlatOutline, textWidth, type TrueLine } from '@gyrus/core';
import { plainText } from './plainText.ts';
import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf';

/** A flat tube at true size as a DXF file in millimetres: edges, axis and tangents on layers of their own. */
export function outlineDxf({ edges, axis, tangents, arrows, labels }: FlatOutline): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  const layers: [string, number, TrueLine[]][] = [
    ['EDGES', Colors.White, edges],
    ['AXIS', Colors.Blue, axis],
    ['TANGENTS', Colors.Red, tangents],
    ['ARROWS', Colors.Red, arrows.flatMap(arrowLines)],
  ];
  for (const [name, colour, lines] of layers) {
    if (lines.length === 0) continue;
    dxf.addLayer(name, colour, 'Continuous');
    for (const line of lines) draw(dxf, line, name);
  }
  if (labels.length > 0) dxf.addLayer('LABELS', Colors.Red, 'Continuous');
  for (const { at, text, size, anchor } of labels) {
    // Written from its start: an end-set text is moved back by its rough width.
    const x = anchor === 'start' ? at[0] : at[0] - textWidth(text, size);
    dxf.addText(point3d(x, at[1]), size, plainText(text), { layerName: 'LABELS' });
  }
  return dxf.stringify();
}

function draw(dxf: DxfWriter, line: TrueLine, layerName: string): void {
  if (line.kind === 'line')
    dxf.addLine(point3d(line.from[0], line.from[1]), point3d(line.to[0], line.to[1]), { layerName });
  else dxf.addArc(point3d(line.centre[0], line.centre[1]), line.radius, line.from, line.to, { layerName });
}
