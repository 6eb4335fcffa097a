/** Says what the rooms of the shop say: it is loaded with them. */
export const SHOP_PAGE = {
  'shop.inDownloads': 'Your browser says where it saved the file.',
  'shop.inFolder': 'It lies in the folder {folder}; the last {count} stay there.',
  'shop.notInFolder':
    'It could not be written into the folder {folder}, and was saved as a download.',
  'shop.folder': 'Backups go into the folder {folder}.',
  'shop.noticesOf':
    'Dial Bench {version} ships with {count} packages. Touch one to read its terms.',
  'shop.headingWhere':
    'The name, the address and the picture stand over every report and quote, and what the shop warrants beneath.',
  'shop.headingPicture': 'The picture over the reports',
  'shop.version': 'Dial Bench {version}',
  'shop.alreadyHere':
    '{count, plural, one {One record is here already, unchanged.} other {# records are here already, unchanged.}}',
  'shop.backupAbout':
    'Saves everything in this browser to one file. Use Import to restore it. The last backup is of {day}.',
  'shop.backupDone': 'Written, read back and counted: {parts}; {size}.',
  'shop.backupDoneRaw':
    'Written, read back and counted: {parts}, {count} that cannot be read as they are; {size}.',
  'shop.backupFailed': 'No backup was saved. {error}',
  'shop.bandInUse': '{set} uses this band',
  'shop.chart': 'Mean of each person on each part against the part’s own mean: {people}.',
  'shop.dragBand': 'Drag band ±, {unit}',
  'shop.dragBandOf': '{set}: how far a gap may be from a leaf that drags',
  'shop.from': 'From, {unit}',
  'shop.importCount':
    '{here, plural, one {One reading here} other {# readings here}}, {file} in the file, {fresh} new.',
  'shop.importCountOthers':
    '{readings} {others, plural, one {One other entry is new.} other {# other entries are new.}}',
  'shop.chooseFirst':
    '{count, plural, one {One field is otherwise here than in the file, and neither is the newer one. Choose which is to stay.} other {# fields are otherwise here than in the file, and neither is the newer one. Choose which are to stay.}}',
  'shop.chooseLeft': '{count, plural, one {Choose one more} other {Choose # more}}',
  'shop.clashesMore':
    '{count, plural, one {And one more field like these: choose for all of them above.} other {And # more fields like these: choose for all of them above.}}',
  'shop.clashOf': '{record}: {field}',
  'shop.clashHere': 'Here: {value}',
  'shop.clashFile': 'In the file: {value}',
  'shop.importChange': '{field}: {here} becomes {file}.',
  'shop.importChangeMore':
    '{more, plural, one {One more field changes.} other {# more fields change.}}',
  'shop.importKept': 'Stays as it is here, though the file has it otherwise: {fields}.',
  'shop.wholeRecord':
    'All that differs: what was changed here and what was changed there do not go together',
  'shop.importPhotos':
    '{count, plural, one {One photo comes with them.} other {# photos come with them.}}',
  'shop.importPhotosHere':
    '{photos} {here, plural, one {One of them is here already.} other {# of them are here already.}}',
  'shop.importRefused': '{record}: {why}',
  'shop.importRelabelled':
    '“{label}” is on another part here: this one becomes {other}. Write that on it.',
  'shop.misplacedJob':
    '{label} is in the pump of {tag}, but the shelf says: {place}. Look where it is; put it back on its own page under Shelf, or undo the exchange in {tag}.',
  'shop.misplacedShelf':
    'The shelf says that {label} is in {tag}, but that job does not have it in its pump. Look where it is; put it back on its own page under Shelf.',
  'shop.inUse': '{instrument} uses it',
  'shop.instruments': '{count, plural, one {One instrument, {sets}} other {# instruments, {sets}}}',
  'shop.jobs': '{count, plural, one {# job} other {# jobs}}',
  'shop.leafLine': 'Cannot read “{text}”. Write the marking, =, and the mic reading.',
  'shop.leafSet': 'Leaf set {letter}',
  'shop.leafU': 'Leaf uncertainty u, {unit}',
  'shop.leafUOf': '{set}: standard uncertainty of a leaf that was not mic’d',
  'shop.floorOf': '{what}, {unit}',
  'shop.leastAmount': 'Least amount, {unit}',
  'shop.leaves': 'Leaves in the set, {unit}',
  'shop.leavesMeasured': 'Leaves that were mic’d, {unit}: marked = mic’d',
  'shop.moreLikeThese':
    '{count, plural, one {And one more record like these.} other {And # more records like these.}}',
  'shop.mostStacked': '{set}: most leaves stacked',
  'shop.noSuchLeaf': 'The set has no {leaf} leaf.',
  'shop.notLooked': '{file} was not imported; nothing was changed. {why}',
  'shop.notTaken':
    '{count, plural, one {One record is not imported.} other {# records are not imported.}}',
  'shop.ownPart': 'Instrument’s own part of u, {unit}',
  'shop.personOff': '{person} at most {off} off',
  'shop.personReads': '{person} measures part {part}.',
  'shop.photos': '{count, plural, one {# photo} other {# photos}}',
  'shop.reading': 'Reading ({unit})',
  'shop.readingOf': 'Reading {number} of {all}',
  'shop.resolution': 'Resolution, {unit}',
  'shop.setAside':
    '{count, plural, one {One record that could not be read was set aside as it was: {keys}. A backup holds it too.} other {# records that could not be read were set aside as they were: {keys}. A backup holds them too.}}',
  'shop.sheets': '{count, plural, one {# sheet} other {# sheets}}',
  'shop.storage': '{used} of {room} used, {percent}%.',
  'shop.studies': '{count, plural, one {# study} other {# studies}}',
  'shop.studyRow': '{people} people, {parts} parts, {trials} times · {read} of {all} readings',
  'shop.to': 'To, {unit}',
  'shop.twoTo': 'Enter 2 to {most} different names',
  'shop.uncertainty': 'Uncertainty u, {unit}',
  'shop.useBand': 'Use ±{band} as the drag band of {set}',
  'shop.useFor': 'Use {u} for {instrument}',
  'shop.zeroEvery': '{days, plural, one {zero every day} other {zero every # days}}',
} as const;
