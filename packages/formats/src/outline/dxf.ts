import { type FlatOutline, type TrueLine } from '@gyrus/core';
import { Colors, DxfWriter, point3d, Units } from '@tarikjabiri/dxf';

/** A flat tube at true size as a DXF file in millimetres: edges, axis and tangents on layers of their own. */
export function outlineDxf({ edges, axis, tangents }: FlatOutline): string {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  const layers: [string, number, TrueLine[]][] = [
    ['EDGES', Colors.White, edges],
    ['AXIS', Colors.Blue, axis],
    ['TANGENTS', Colors.Red, tangents],
  ];
  for (const [name, colour, lines] of layers) {
    dxf.addLayer(name, colour, 'Continuous');
    for (const line of lines) draw(dxf, line, name);
  }
  return dxf.stringify();
}

function draw(dxf: DxfWriter, line: TrueLine, layerName: string): void {
  if (line.kind === 'line')
    dxf.addLine(point3d(line.from[0], line.from[1]), point3d(line.to[0], line.to[1]), { layerName });
  else dxf.addArc(point3d(line.centre[0], line.centre[1]), line.radius, line.from, line.to, { layerName });
}
