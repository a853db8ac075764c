/** What each role asks for and gives, for docs/members.md. Trade practice; the handbook's choices. */
export const ROLES = {
  diagonal: [
    "From above and behind the driver's head to the opposite foot, or an X: one bar through, the other in two halves kept in line.",
    'Asks for the side of the driver, and for each end a distance from bend, foot or node along the hoop.',
  ],
  'harness-bar': [
    'Across the hoop at shoulder height. Straight it is split where diagonals cross it; with an offset it steps to the rear, the',
    "bends solved for the die: the least whole degree that leaves room for the clamp. Behind the hoop it stands off on its own legs. Asks for its height, the offset, the offset's width and where its middle is. Without a cage it stands between two places of the body: straight, its ends bent down to them, or square to them.",
  ],
  backstay: [
    'A mirrored pair from the corners of the hoop rearward and down, at least 30° from vertical by common books. Straight, or bent',
    'over the arch where the book allows. Asks for where its foot stands: a plate, a cross member or a point.',
  ],
  'rear-cross': ['Across the backstays. Asks for its height on each.'],
  'side-hoop': [
    'Roof bar and front leg in one tube, a mirrored pair through measured points along roof rail, pillar and sill: three or four',
    'bends in different planes. Asks for the foot and the corner of the axes at each bend; the right side may have points of its own.',
  ],
  'windscreen-bar': [
    "Across the heads of the front legs, tucked up out of the driver's view: straight, or cranked up by an angle or a rise.",
  ],
  'roof-diagonal': [
    'In the roof, from one corner of the hoop to the front corner across; an X; or a V from the middle of the bar at the head of the screen.',
  ],
  'door-bar': [
    'From the hoop to the front leg on both sides. A straight pair, an X with one bar split, or two bars bowed toward the door skin',
    'by so many millimetres, the bends solved for the die. How many tubes stand at mid-door is said. Asks for heights on hoop and leg.',
  ],
  'sill-bar': ['Along the sill, from hoop to front leg. Asks for a height on each.'],
  'dash-bar': [
    'Across the front legs at the column’s bracket: straight, or stepped round the column. Asks for its height, and the offset.',
  ],
  'door-upright': ['Ties sill bar and door bar. Asks for a distance along each.'],
  'pillar-brace': [
    'Stiffens the bent front leg along the windscreen pillar. Asks for a height below and a distance from the bend above.',
  ],
  'rear-diagonal': ['Between the backstays, single or X, above the rear cross where there is one.'],
  'gusset-tube': ['A short tube across a corner. Asks for a distance from the corner along each tube.'],
  strut: [
    'Holds the harness bar to the floor or to a seat mount. Asks for a distance along the bar and a point.',
  ],
  spreader: [
    'A V from the middle of the rear cross to the feet of the backstays, a bar between the front legs, or a V on any two bars: its',
    'point on one, its feet on the other. Asks for the place of each end.',
  ],
  'seat-mount': ['Carries the seat across sill and tunnel. Asks for both points.'],
  'tunnel-tube': ['Over the tunnel, for seat and struts. Asks for both points.'],
  'hand-hold': ['To get in and out by. Asks for a distance along the hoop and a point.'],
  halo: [
    'Both roof bars and the windscreen bar in one tube: its left half is described, the right half mirrors it. Asks for the front corner.',
  ],
  'roof-bar': [
    'From the corner of the hoop forward along the roof rail; a front leg then ends under it. Asks for its front end.',
  ],
  'front-hoop': [
    'Both front legs and the bar at the head of the screen in one tube: within the section of the body measured for it at Survey, with a',
    'gap all round; by its own figures; by straights and bends about its centre mark, or sample bends held up in the car. It is the front',
    'hoop of the line over the helmet. Asks for its section, or where its feet stand and how it leans back.',
  ],
  'front-leg': [
    'From the sill up the pillar to a halo, a roof bar or a side hoop. Asks for its foot and its bend at the cowl.',
  ],
  'take-off': [
    'A tube held up in the car with a sample bend: straights and angles, with the turn of each bend from the last; typed, pasted or',
    'read from CSV. A turn is given in degrees, or as two lines so far apart round the tube. With the marks of a sample bend, distances',
    'go from mark to mark. Asks for where it starts, what its first straight points at, and which way its first bend turns.',
  ],
  'frame-tube': ['A tube of a frame on a table: two points of its own, and any shape between them.'],
};

export const PARTS = {
  intro: [
    'What is not a tube is listed beside them, each with what follows from its measures. The plate is the demo’s under the left foot of',
    'the hoop; the gusset is the sheet between the surfaces of side hoop and dash bar.',
  ],
  list: [
    [
      'Base plate',
      'rectangle, parallelogram or polygon; area in cm², edge turned up, plinth, bolts. It follows its foot, or a foot stands on it.',
    ],
    [
      'Sheet gusset',
      'flat, or folded over both tubes with a strip over its long edge; up to three holes, none larger than the triangle holds.',
    ],
    [
      'Splice',
      'an inner sleeve that slides in the bore, with rosettes a quarter of the sleeve from the joint.',
    ],
    ['Bolted joint', 'flange, sleeve or clamp at a station, with its bolts.'],
    ['Belt guides', 'two places on the harness bar, as far apart as the straps.'],
    ['Tie', 'stitch weld or plate from a bar to the body: station and gap to bridge.'],
    [
      'Bracket',
      'flat bar to a belt or seat bolt: its flat length from outside straights and bends, holes, spacer; whether the bolt can still be tightened is asked.',
    ],
    ['Adjustable strut', 'eye to eye, less what its thread ends take: the length of tube.'],
    [
      'Bar without a cage',
      'bent twice between two plates: straight between the bend starts, length, depth and drop at its tilt.',
    ],
    [
      'Existing tube',
      'any bar marked as come with the car: a header like others, not ordered or bent; it can be cut back at an end, bent again (its bends pulled further, never opened), and spliced to a new bar.',
    ],
    [
      'Curves',
      'a bar as one arc of the roller from chord and rise, or as arcs through offsets from a straight edge, with the largest miss told.',
    ],
    [
      'Traced shape',
      'offsets from a straight edge, or places clicked on a photo with a rule in it, become a take-off: radii fitted, the error of the fit told, mirrored for the other side.',
    ],
    [
      'Panel between bars',
      'for switches, a dash or the floor of a box: how far each bar lies off one plane, the true outline as PDF, SVG and DXF, and the place of every tab.',
    ],
    [
      'Along the body',
      'a bar beside two or more measured points of a zone: its gap left and right at the same stations, and the turn in degrees that brings it to touch.',
    ],
    [
      'Line of sight',
      'from an eye of one’s own to a pillar: what of the bars shows past it on either side, and whether they look parallel to it.',
    ],
    [
      'Holes in panels',
      'centre, slant and ellipse for every bar that passes a panel, and the slot for the cage slid or dropped to weld.',
    ],
  ],
};
