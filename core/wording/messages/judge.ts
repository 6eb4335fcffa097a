export const JUDGE = {
  'judge.acceptedBecause': 'Accepted because: {why}.',
  'judge.alike':
    'These checks cannot separate {variants}. Pick one and measure the parts that differ.',
  'judge.atMost': 'at most {most}',
  'judge.backed': 'It is {variant}. At least two answers rule out every other one.',
  'judge.band.looser': 'Looser than the preferred {band}.',
  'judge.band.tighter': 'Tighter than the preferred {band}.',
  'judge.band.uneven': 'Looser than the preferred {band} at one place, tighter at another.',
  'judge.band.unknown': 'Not yet known to be in the preferred {band}.',
  'judge.band.within': 'In the preferred {band}.',
  'judge.cannotProve':
    '{tool, select, mic {This leaf set cannot prove {window} {unit}. Mic it.} dial {This leaf set cannot prove {window} {unit}. Use a dial.} both {This leaf set cannot prove {window} {unit}. Mic it, or use a dial.} other {This leaf set cannot prove {window} {unit}. Use a finer set.}}',
  'judge.cannotSeparate':
    '{tool, select, mic {This leaf set cannot separate {gaps} {unit} from the limit. Mic it.} dial {This leaf set cannot separate {gaps} {unit} from the limit. Use a dial.} both {This leaf set cannot separate {gaps} {unit} from the limit. Mic it, or use a dial.} other {This leaf set cannot separate {gaps} {unit} from the limit. Use a finer set.}}',
  'judge.chance': '{percent}% likely in.',
  'judge.closeLeaves': 'Too close to call: this leaf set cannot decide it.',
  'judge.contradicted': 'No variant fits all the answers. Nearest: {variants}. Repeat the checks.',
  'judge.decidedOtherwise': '{decided} (suggested: {suggested})',
  'judge.deep': '{depth} deep',
  'judge.deepest': 'Floor deepest towards {hour} o’clock; unevenness {off}.',
  'judge.deepestOfThree':
    'Floor deepest towards {hour} o’clock. Three depths fit any plane: the ± is from the instrument alone.',
  'judge.finer':
    'Readings good to ± {u} would decide it: use a finer instrument, or the mean of more readings.',
  'judge.fromBoth': 'Largest is from the {largest}, smallest from the {smallest}.',
  'judge.largest': 'Largest {range} {unit}, limit {limit} {unit}.',
  'judge.smallestOf': 'smallest {range}',
  'judge.largestOf': 'largest {range}',
  'judge.largestRecorded': 'Largest {range} {unit}. Recorded only: the sheet has no limit.',
  'judge.leafWould': 'A leaf of {leaf} would split it.',
  'judge.leafWouldAt': 'A leaf of {leaf} at “{place}” would split it.',
  'judge.leftOut':
    '{count, plural, one {One place left out: {reasons}.} other {# places left out: {reasons}.}}',
  'judge.maybeFlat':
    'The floor may be flat: the readings scatter as much as it tilts. Unevenness {off}.',
  'judge.maybeFlatOfThree':
    'The floor may be flat: the readings scatter as much as it tilts. Three depths fit any plane: the ± is from the instrument alone.',
  'judge.micThese': 'Leaves cannot decide it. Mic these: {sizes}.',
  'judge.mix': '{verdict}: {part} from {of} with {against} from {in}',
  'judge.mixNote': '{verdict}: {part} from {of} with {against} from {in}; {note}',
  'judge.outByLeaves': 'Measured two ways. The leaves prove it out.',
  'judge.nail': 'nail {does}',
  'judge.narrowest':
    '{method, select, indicator {Measured two ways. The dial narrows it most.} sizes {Measured two ways. The mic sizes narrow it most.} leaves {Measured two ways. The leaves narrow it most.} depths {Measured two ways. The depths narrow it most.} sweep {Measured two ways. The sweep narrows it most.} hand {Measured two ways. The test by hand narrows it most.} other {Measured two ways. The parts of the sum narrow it most.}}',
  'judge.neglected':
    '{parts}: the thinnest leaf does not go in, so it counts as nothing (plain rule).',
  'judge.noLimitSet': '{range} {unit}, no limit set.',
  'judge.openTryLeaf': 'Open: try the {leaf} leaf.',
  'judge.placesLeft': '{left} of {all} places left.',
  'judge.right': '{found}; should be {right}',
  'judge.several': '{count} variants still possible.',
  'judge.single': 'Probably {variant}. Only one answer rules out another: do one more check.',
  'judge.sizesTellMore': 'Mic these to learn more: {sizes}.',
  'judge.skipped': '{what}, {place}: {why}',
  'judge.smallest': 'Smallest {range} {unit}, limit {limit} {unit}.',
  'judge.soFar': 'So far {range} {unit}.',
  'judge.studyShare':
    '{percent}% of the scatter is from measuring: ± {spread} (two standard deviations).',
  'judge.studySizes':
    '{count, plural, one {It tells one size of these parts apart.} other {It tells # sizes of these parts apart.}}',
  'judge.tooShort': '{what}, {length} too short',
  'judge.tooShortRecorded': '{what}, {length} too short. Recorded only: the sheet has no limit.',
  'judge.tooShortSentence': '{what}, {length} too short.',
  'judge.was': 'Was {was} {unit} before work.',
  'judge.serialOutside':
    'No variant on the sheet has this serial number: it was left out. Go by what can be seen and measured.',
  'judge.yearOutside':
    'No variant on the sheet was built in this year: it was left out. Go by what can be seen and measured.',
  'judge.shouldBe': 'Should be {now} {unit} by the sizes that are known.',
  'judge.wasShouldBe': 'Was {was} {unit} before work; should be {now} {unit} now.',
  'judge.under':
    'Under {whose, select, shop {the shop’s} other {the app’s}} least value of {least} {unit} for a part that runs: no minimum is published.',
  'judge.work': '{part}: {work}',
  'judge.workAt': '{part}: {work}, {place}',
  'judge.workAtBy': '{part}: {work}, {place}, by {amount}',
  'judge.workBy': '{part}: {work} by {amount}',
  'judge.workFromShelf': '{part}: replaced with {label} from the shelf',
} as const;
