import { limitedFigureWords } from '../limit.ts';
import { type FindingCode, type Met } from '@gyrus/core';
import { metWords } from '../bend/bender.ts';
import { cockpitSentences } from '../cockpit.ts';
import { tubeKindWords } from '../tube.ts';
import { thingWords } from './assumed.ts';
import { roleWords } from '../role.ts';
import { type Sentences } from '../say.ts';
import {
  EDGES,
  UPWARD,
  askedFor,
  whereCounted,
  somebody,
  atNotch,
  answerWords,
  distrustedWords,
  saidBy,
  waitingWords,
  capital,
  textOf,
  measureWords,
  placeWords,
  changeWords,
  many,
} from './sentenceParts.ts';

/** What each code of a finding says. */
export const sentences = {
  ...cockpitSentences,
  'show-bar': () =>
    'The feet stand on floor sheet: the load reaches no frame. This is a show bar and protects nobody; carry the feet to a frame or sill.',
  decorative: () =>
    'A decorative bar is not protection. With real belts fastened to it, it is the dangerous middle: leave belts off it.',
  street: () =>
    'On the road, without helmets, tube near a head is dangerous in itself: pad it, keep it away, and ask the local law and a licensed engineer.',
  'no-book': () =>
    'No rule book is chosen: choose one at Brief, so that the tube is checked while it can still change.',
  asymmetry: ({ measured, fact }) =>
    fact('sides') === 'same'
      ? `The car differs by up to ${measured} side to side. The hoop is the same both sides, within the tighter one.`
      : `The car differs by up to ${measured} side to side. Each leg follows its own side.`,
  'measures-missing': ({ finding }) => {
    const wanted = finding.measured && 'count' in finding.measured ? finding.measured.count : 0;
    return wanted === 1
      ? 'One measure is still wanted at Survey.'
      : `${wanted} measures are still wanted at Survey.`;
  },
  'readings-differ': ({ measured, limit, fact }) =>
    `The ${measureWords(fact('measure'))} was read as ${measured}, by which the cage goes, and as ${limit}: ${fact('apart')} apart. Take it once more at Survey, and say which counts.`,
  impossible: ({ fact }) => capital(fact('message')) + '.',
  contradiction: ({ measured, limit, fact }) =>
    `The ${fact('side')} wall leans ${measured} by protractor and ${limit} by its widths. Say at Survey which reading is not trusted, or measure again.`,
  'contradiction-settled': ({ measured, limit, fact }) =>
    `The ${fact('side')} wall leans ${measured} by protractor and ${limit} by its widths; ${distrustedWords[fact('distrusted')] ?? 'one of them'} is not trusted.`,
  'outside-taped-wall': ({ measured, fact }) =>
    `The tube stands ${measured.replace('−', '')} outside the wall as it was taped at the ${placeWords(fact('place'), fact('side'))}: that reading is not trusted. Measure it again before you bend.`,
  'figures-untold': () =>
    'This plan is from before figures told whether somebody measured them: those that the program proposed cannot be told from those that were read. Go through them at Survey.',
  'beyond-any-car': ({ measured, limit, finding }) =>
    `${capital(finding.restsOn.map(thingWords).join(', ') || 'a figure')} stands as ${measured}, and no car is larger than ${limit}: check its unit and its digits, and type it again.`,
  'in-body': ({ measured, fact }) =>
    `The tube stands ${measured.replace('−', '')} inside the body at the ${placeWords(fact('place'), fact('side'))}.`,
  'foot-off': ({ measured, fact }) =>
    `The ${fact('side')} foot ends ${measured} above what it stands on: give that leg as much more, or a plinth under it.`,
  'trim-short': ({ measured, limit, fact }) =>
    `The ${fact('side')} foot is cut on the slant and needs ${limit} of trim, there is ${measured}: give it more.`,
  'not-placed': ({ fact }) => `${fact('stamp')} cannot be placed: ${fact('message')}.`,
  'job-limit': ({ measured, limit, fact, finding, inError }) => {
    const figure = limitedFigureWords(fact('figure'));
    const wanted = `${fact('bound') === 'most' ? 'at most' : 'at least'} ${limit}`;
    return finding.measured
      ? `${capital(figure)}: ${measured}; the job wants ${wanted}${inError}.`
      : `${capital(figure)}: the job wants ${wanted}, and it is not known yet. ${fact('figure') === 'crown-over-helmet' ? 'Measure the top of a helmet, and the hoop.' : 'The hoop comes from the Survey.'}`;
  },
  'keep-out': ({ measured, limit, fact, inError }) =>
    `${fact('stamp')} ${measured.startsWith('−') ? `stands ${measured.replace('−', '')} inside` : `passes ${measured} from`} ${fact('name')}; ${limit} is wanted${inError}. Move an end, or its shape.`,
  'beside-pillar': ({ measured, limit, fact }) =>
    `${fact('stamp')} looks ${measured} off ${fact('name')}, seen from where you said; parallel within ${limit} is wanted. Turn it, or move an end.`,
  'zone-touch': ({ measured, fact }) =>
    `${fact('stamp')} stands ${measured} off the body at ${fact('name')}, where it is to touch.`,
  'zone-gap': ({ measured, limit, fact, inError }) =>
    `${fact('stamp')} leaves ${measured} to the body at ${fact('name')}, ${limit} is wanted${inError}.`,
  'finger-gap': ({ measured, fact }) =>
    `The gap of ${measured} between ${fact('stamp')} and the body at ${fact('name')} takes a finger in and does not let it go: close it, or open it.`,
  'unbraced-bend': ({ measured, fact, where }) =>
    `${where} of ${fact('stamp')} turns ${measured} with nothing to hold it; hit end-on it folds there. Put a gusset or a tube at the bend, or a straight bar in its place.`,
  'mid-door': ({ finding, fact }) => {
    const tubes = finding.measured && 'count' in finding.measured ? finding.measured.count : 0;
    return `At mid-door on the ${fact('side')} ${tubes === 1 ? 'one tube stands' : `${tubes} tubes stand`} between driver and door (${fact('stamps')}). An X leaves one there, stacked bars two.`;
  },
  collision: ({ measured, fact }) =>
    `${fact('first')} and ${fact('second')} run ${measured} into each other: split one on the other, or move one.`,
  'out-of-line': ({ measured, fact }) =>
    `${fact('first')} and ${fact('second')} turn by ${measured} where they meet the tube that splits them: move an end until they run in line.`,
  'off-node': ({ measured, fact }) =>
    `End ${fact('end')} of ${fact('stamp')} lies ${measured} off the axis of ${fact('header')}: the load bends the tubes.`,
  'no-cope': ({ fact }) => `End ${fact('end')} of ${fact('stamp')} has no cope: ${fact('why')}.`,
  'not-seated': ({ fact }) =>
    `End ${fact('end')} of ${fact('stamp')} does not seat all round on ${fact('header')}: part of it passes. Take a smaller tube, a larger header, or move its axis.`,
  'sharp-joint': ({ measured, limit, fact }) =>
    `End ${fact('end')} of ${fact('stamp')} meets ${fact('header')} at ${measured}, sharper than ${limit}: the root of the weld is out of reach. Use a gusset, or bend the end.`,
  'torch-room': ({ measured, limit, fact, count }) =>
    `The seam of end ${fact('end')} of ${fact('stamp')} passes ${measured} from ${fact('beside')}; the torch wants ${limit}: ${
      count('later') > 0
        ? `weld it before ${fact('beside')} goes on, or move them apart`
        : `${fact('beside')} stands there first, so weld it from the sides that are left, or move them apart`
    }.`,
  'bars-off-plane': ({ measured, limit, fact }) =>
    `${fact('name')} lies ${measured} off the plane of the panel ${fact('stamp')}, more than the tape's ${limit}: move the bar, or let the sheet be sprung or folded.`,
  'part-not-made': ({ fact }) => `${fact('stamp')} cannot be made: ${fact('message')}.`,
  'gusset-hole': ({ measured, limit, fact }) =>
    `A hole of ${measured} does not fit gusset ${fact('stamp')}: ${limit} is the largest.`,
  'bolt-ask': ({ fact }) =>
    `Can the bolt of bracket ${fact('stamp')} still be tightened with the trim in place?`,
  'bolt-out-of-reach': ({ fact }) =>
    `The bolt of bracket ${fact('stamp')} cannot be tightened with the trim in place: move it, or cut the trim.`,
  loop: ({ fact, count }) =>
    count('count') === 1
      ? `${fact('stamps')} stands on itself: let an end of it stand at a point or on another tube.`
      : `${fact('stamps')} stand on each other in a loop, and none of them can be placed: let an end of one stand at a point or on another tube.`,
  'no-die': ({ finding, fine }) =>
    finding.measured
      ? `No die yet: the radius is taken as ${fine(finding.measured)}, three diameters, and lengths go by it. Choose a die at Bend, and the marks follow.`
      : 'No die is chosen: choose one at Bend, and the marks follow.',
  'does-not-bend': ({ fact }) => capital(fact('message')) + '.',
  'clamp-straight': ({ measured, limit, where }) =>
    `${where} leaves ${measured} of straight for the clamp, which needs ${limit}: turn the clamp to the other side, or move the bends apart.`,
  'trailing-straight': ({ measured, limit, where }) =>
    `${where} has ${measured} of straight behind it, the machine needs ${limit}.`,
  'largest-angle': ({ measured, limit, where }) =>
    `${where} turns ${measured}, the die pulls ${limit} at most in one go.`,
  'longest-stick': ({ measured, limit }) => `The blank is ${measured}, the longest stick ${limit}.`,
  'mark-off-blank': ({ where }) =>
    `The mark of ${where.toLowerCase()} lies off the blank: add trim, or turn the clamp round.`,
  'machine-meets': ({ measured, fact, where }) =>
    `${where}: the tube meets ${metWords({ what: fact('what'), wall: fact('which'), name: fact('which') } as Met)} at ${fact('at')} of the pull, and would go ${measured.replace('−', '')} into it. Another order of the bends, or the clamp at the other side, may miss it: see at Bend.`,
  'roller-unknown': () =>
    'An arc of this tube is rolled, and no roller is measured at Shop: what it reaches, and the straight it leaves at the ends, nobody knows.',
  'roll-radius': ({ measured, limit, where, fact }) =>
    `${where} is rolled to ${measured}, ${fact('roller')} reaches ${limit} at the least.`,
  'roll-lead': ({ measured, limit, where, fact }) =>
    `${where} has ${measured} of straight beside it, ${fact('roller')} leaves ${limit} straight: add trim to cut off, or make the arc shorter.`,
  'die-od': ({ finding, fine }) =>
    `The tube is ${fine(finding.measured)}, the die takes ${fine(finding.limit)}: choose a die for this tube.`,
  'test-bend-due': () =>
    'No test bend of this tube on this die: the reading is from theory and usually too low. Make a test bend first.',
  'other-batch': ({ fact }) =>
    `The test bends are of another batch than ${fact('batch')}: pull one test of this batch.`,
  extrapolated: ({ measured }) =>
    `${measured} lies far outside the test bends of this die: test nearer to it.`,
  'die-changed': ({ fact, count }) =>
    `The shop's data of ${fact('die')} changed since: ${changeWords(count)}. See at Bend.`,
  'book-missing': ({ fact }) =>
    `The rule book "${fact('book')}" is not on this machine: nothing was checked against it.`,
  'car-weight-missing': () => "The least tube goes by the car's weight: enter it at Brief.",
  'no-row-for-weight': ({ measured }) => `The book has no tube size for a car of ${measured}: ask its body.`,
  'tube-kind': ({ finding, fact }) =>
    `${capital(tubeKindWords(textOf(finding.measured)))} tube is not allowed here: ${fact('options')}.`,
  'tube-od': ({ finding, fine, fact }) =>
    `Outside diameter ${fine(finding.measured)}: ${fact('options')} is the least.`,
  'tube-wall': ({ finding, fine, fact }) =>
    finding.status === 'out'
      ? `Wall ${fine(finding.measured)}, least ${fine(finding.limit)}: ${fact('options')}.`
      : `Tube size: at least ${fact('options')}.`,
  'clr-ratio': ({ measured, limit }) => `Bend radius ${measured} × OD, least ${limit}.`,
  'bend-count': ({ measured, limit }) => `${measured} bends, at most ${limit}.`,
  'bend-angle': ({ measured, limit, inError }) => `Sharpest bend ${measured}, at most ${limit}${inError}.`,
  'no-bends': ({ fact }) => `${fact('stamp')} has no bend.`,
  'no-feet': ({ fact }) => `${fact('stamp')} stands on no floor: each of its ends is on a tube.`,
  'class-missing': ({ fact, count }) =>
    `${count('count') === 1 ? 'One rule is' : `${count('count')} rules are`} of a class (${fact('classes')}) and none is chosen: choose the class at Brief.`,
  'gusset-none': ({ fact }) =>
    `No sheet gusset stands in the corners that this is about. Is none wanted there?${answerWords(fact)}`,
  'splice-none': () => 'No tube is spliced.',
  'plate-welded': ({ fact }) =>
    `Plate ${fact('stamp')} has no bolts, and the cage is welded. Is it welded all round to what it stands on, as the book takes in place of bolts?${answerWords(fact)}`,
  'roof-unknown': () =>
    'Whether the torch reaches the tops of the cage cannot be told: nobody measured the body over it. Add sections of the body at Survey.',
  'continuous-count': ({ measured, limit, fact }) =>
    `${measured} of the ${roleWords(fact('role'))}s${whereCounted(fact)} ${measured === '1' ? 'is' : 'are'} one continuous tube, at least ${limit}.`,
  'none-there': ({ limit, fact }) => `There is none: at least ${askedFor(limit, fact)}. Add it at Design.`,
  'count-nowhere': ({ limit, fact }) =>
    `At least ${askedFor(limit, fact)}, and the cage has no such place. Add it at Design.`,
  'continuous-tube': ({ finding }) =>
    finding.status === 'clear'
      ? 'One continuous tube, as designed.'
      : 'Made of several tubes; one continuous tube is asked for.',
  tilt: ({ measured, limit, inError }) => `Tilt ${measured} from vertical, at most ${limit}${inError}.`,
  'not-straight': ({ measured, finding, fact }) =>
    finding.status === 'clear'
      ? `${fact('stamp')} is straight.`
      : `${fact('stamp')} runs ${measured} off a straight line.`,
  angle: ({ measured, limit, fact, inError }) =>
    `${fact('stamp')} makes ${measured} with ${fact('from')}, ${fact('side') === 'least' ? 'at least' : 'at most'} ${limit}${inError}.`,
  'end-distance': ({ measured, limit, fact, count, inError }) =>
    `End ${fact('end')} of ${fact('stamp')} lies ${measured} from the ${fact('from')} ${EDGES[fact('edge')] ?? EDGES.far}${count('stated') > 0 ? ', as the book takes it' : ` (${fact('axis')} to the axis, ${fact('near')} to the near edge)`}, at most ${limit}${inError}.${count('disagree') > 0 ? ' The readings disagree: the strictest is taken; ask which the book means.' : ''}`,
  'plate-missing': ({ fact }) =>
    `End ${fact('end')} of ${fact('stamp')} stands on no plate: give it one at Design.`,
  'plate-area': ({ measured, limit, fact, inError }) =>
    `Plate ${fact('stamp')}: ${measured}, least ${limit}${inError}.`,
  'plate-thickness': ({ finding, fine, fact }) =>
    `Plate ${fact('stamp')} is ${fine(finding.measured)} thick, least ${fine(finding.limit)}.`,
  'plate-width': ({ measured, limit, fact, inError }) =>
    `Plate ${fact('stamp')} is ${measured} at its narrowest, least ${limit}${inError}.`,
  'plate-bolts': ({ measured, limit, fact }) =>
    `Plate ${fact('stamp')} has ${measured} bolts, least ${limit}.`,
  'bolt-size': ({ finding, fine, fact }) =>
    `Bolts of plate ${fact('stamp')} are ${fine(finding.measured)}, least ${fine(finding.limit)}.`,
  'gusset-leg': ({ measured, limit, fact, inError }) =>
    `Gusset ${fact('stamp')} has a leg of ${measured}, least ${limit}${inError}.`,
  'gusset-thickness': ({ finding, fine, fact }) =>
    `Gusset ${fact('stamp')} is ${fine(finding.measured)} thick, least ${fine(finding.limit)}.`,
  'splice-sleeve': ({ measured, limit, fact, inError }) =>
    `Splice ${fact('stamp')} has a sleeve of ${measured}, least ${limit}${inError}.`,
  'splice-rosettes': ({ measured, limit, fact }) =>
    `Splice ${fact('stamp')} has ${measured} rosettes, least ${limit}.`,
  'feet-on': ({ measured, limit, fact }) =>
    `The feet ${fact('feet')} stand on the ${measured}; the book takes ${limit}.`,
  count: ({ measured, limit, fact }) =>
    `${measured} ${roleWords(fact('role'))}${measured === '1' ? '' : 's'}${whereCounted(fact)}, at least ${limit}.`,
  'gusset-count': ({ measured, limit, fact }) =>
    measured === '0'
      ? `There is none: no sheet gusset stands in the corners of ${fact('stamp')}, at least ${limit}.`
      : `${measured} sheet ${measured === '1' ? 'gusset stands' : 'gussets stand'} in the corners of ${fact('stamp')}, at least ${limit}.`,
  'bolt-grade': ({ measured, limit, fact }) =>
    `Bolts of plate ${fact('stamp')} are ${measured}, least ${limit}.`,
  'bolt-grade-unknown': ({ measured, limit, fact }) =>
    `Bolts of plate ${fact('stamp')} are "${measured}", which is no grade that can be compared with ${limit}: enter their grade, as 8.8 or grade 5.`,
  'helmet-gap': ({ measured, limit, fact, finding, inError }) =>
    finding.status === 'out' && measured.startsWith('−')
      ? `The helmet of ${somebody(fact)}${atNotch(fact)} runs ${measured.replace('−', '')} into the tube: at least ${limit} all round.`
      : `The helmet of ${somebody(fact)}${atNotch(fact)} is ${measured} clear of the tube at its nearest, at least ${limit} all round${inError}.`,
  'opening-height': ({ measured, limit, fact, inError }) =>
    `The front end of ${fact('stamp')} stands ${measured} above the floor to its ${UPWARD[fact('edge')] ?? UPWARD.far}, at most ${limit}${inError}.`,
  'helmet-line': ({ measured, limit, fact, inError }) =>
    `The helmet of ${somebody(fact)}${atNotch(fact)} is ${measured} below the line between the hoops' tops, at least ${limit}${inError}.`,
  'helmet-top': ({ measured, limit, fact, inError }) =>
    `The helmet of ${somebody(fact)}${atNotch(fact)} is ${measured} below the hoop's top, at least ${limit}${inError}.`,
  'helmet-within': ({ measured, limit, fact, inError }) =>
    `The helmet of ${somebody(fact)}${atNotch(fact)} is ${measured} in front of the hoop, at most ${limit}${inError}.`,
  'helmet-in-hoop': ({ measured, fact, finding, inError }) =>
    finding.status === 'out'
      ? `The helmet of ${somebody(fact)}${atNotch(fact)} runs ${measured.replace('−', '')} into the hoop: move the seat forward.`
      : `The helmet of ${somebody(fact)}${atNotch(fact)} is ${measured} from the hoop${inError} of touching it.`,
  'helmet-behind': ({ measured, fact, finding, inError }) =>
    finding.status === 'out'
      ? `The helmet of ${somebody(fact)}${atNotch(fact)} reaches ${measured} behind the rear face of the hoop, which does not protect it there: move the seat forward.`
      : `The helmet of ${somebody(fact)}${atNotch(fact)} reaches to ${measured.replace('−', '')} ahead of the hoop's rear face${inError} of standing behind it.`,
  'harness-behind': ({ fact }) =>
    `${fact('stamp')} does not lie behind the slot of ${somebody(fact)}${atNotch(fact)}: no strap runs to it there.`,
  'harness-angle': ({ measured, limit, fact, inError }) =>
    `The straps of ${somebody(fact)}${atNotch(fact)} run to ${fact('stamp')} at ${measured}, the nearest limit is ${limit}${inError}.`,
  padding: ({ measured, limit, fact }) =>
    `A helmet comes within ${measured} of ${fact('stamp')} (${limit} in the book): is it padded there?`,
  padded: ({ finding, fact }) =>
    `${fact('stamp')} is ${finding.status === 'clear' ? '' : 'not '}padded${fact('by') ? `, says ${fact('by')}` : ''}.`,
  'padding-clear': ({ measured, fact }) => `No helmet comes nearer to ${fact('stamp')} than ${measured}.`,
  asked: ({ fact }) => fact('question'),
  answered: ({ fact, count }) =>
    `${fact('question')} ${capital(fact('answer'))}${saidBy(fact)}${count('photos') > 0 ? `, ${many(count('photos'), 'photo')}` : ''}.${fact('note') ? ` ${fact('note')}` : ''}`,
  waiting: ({ fact }) =>
    `${waitingWords[fact('what')] ?? 'This'}${fact('who') ? `, for ${fact('who')},` : ''} is checked as soon as there is what it is measured from.`,
} satisfies Sentences<FindingCode>;
