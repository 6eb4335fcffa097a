import { answered, fact, gap, lay, seen, shown, together, told, type Sign } from './clue';

const ANY = {};
const BEARINGS = { kinds: ['bearing'] as const, but: /^pivot$/ };
const JOURNALS = { kinds: ['journal'] as const };
const DRIVES = { kinds: ['drive'] as const };
const CASTINGS = { kinds: ['casting'] as const };
const RING = { ids: /^(bore|ring|slide-bore)$/ };
const SECTION_BORE = { ids: /^bore-.+$/ };
const COVER_TRACKS = { ids: /^(cover-track|plate-(front|rear)|plates|covers)$/ };
/** Names faces that something runs on: neither a deck nor the side of a gasket. */
const RUNNING = { kinds: ['face'] as const, but: /^(deck|gasket-face-.+)$/ };

/** Lists the signs that looking, stripping and measuring show. */
export const SEEN_SIGNS: readonly Sign[] = [
  // How it lay, and small checks.
  shown(
    'vent-blocked',
    'The drain behind the seal is blocked.',
    answered(/^vent$/, 'blocked'),
    answered(/^drain-wire$/, 'it does not pass'),
  ),
  shown(
    'vent-open',
    'The drain behind the seal is open.',
    answered(/^vent$/, 'open'),
    answered(/^drain-wire$/, 'at the inlet', 'in the case'),
    lay('drain', 'left'),
  ),
  shown(
    'drain-none',
    'No drain is open behind the seal.',
    lay('drain', 'none'),
    answered(/^vent$/, 'none'),
    answered(/^drain-kind$/, 'none'),
  ),
  shown(
    'drain-to-outlet',
    'The drain behind the seal is open to the outlet side.',
    lay('drain', 'right'),
    lay('plug', 'left'),
    answered(/^drain-wire$/, 'at the outlet', 'at both'),
  ),
  shown(
    'plain-drain',
    'The drain behind the seal is a plain hole, without a valve.',
    answered(/^drain-kind$/, 'a drilled hole', 'a hole each side, one plugged'),
    fact('plain-drain'),
  ),
  shown(
    'shuttle-stuck',
    'The valve in the seal drain sticks.',
    answered(/^drain-valve$/, 'one sticks', 'both stick'),
  ),
  shown(
    'seal-out',
    'The old seal was found pushed out.',
    answered(/^seal-out$/, 'pushed out, lip sound', 'pushed out, lip cut'),
  ),
  shown(
    'seal-out-lip-sound',
    'The old seal was pushed out, and its lip is sound.',
    answered(/^seal-out$/, 'pushed out, lip sound'),
  ),
  shown(
    'seal-out-whole',
    'The old seal came out whole.',
    answered(/^seal-out$/, 'pushed out, lip sound'),
  ),
  shown(
    'lip-cut-cocked',
    'The old seal was cut, hard or cocked in its bore.',
    answered(
      /^seal-out$/,
      'in place, lip hard or cut',
      'cocked in its bore',
      'pushed out, lip cut',
    ),
  ),
  shown('lip-outward', 'The lip of the old seal faced outward.', lay('lip', 'up')),
  shown(
    'groove-open-to-seal',
    'The open end of the bushing’s oil groove is at the seal.',
    lay('groove', 'up'),
  ),
  shown('no-groove', 'The bushing has no oil groove.', lay('groove', 'none')),
  shown('edge-inward', 'A vane lay with its rounded edge inward.', lay('edge', 'down')),
  shown(
    'against-drive',
    'The arrow or the larger port is against the way it was driven.',
    fact('against-drive'),
  ),
  shown(
    'rings-one-side',
    'The sealing rings wore on one side.',
    answered(/^rings$/, 'on one side'),
  ),
  shown('rings-evenly', 'The sealing rings wore evenly.', answered(/^rings$/, 'evenly')),
  shown(
    'hub-flats-worn',
    'The flats of the converter hub are worn.',
    answered(/^converter-hub$/, 'flats worn'),
  ),
  shown('gear-rocks', 'A gear rocks on its shaft.', answered(/^gear-loose(-s\d+)?$/, 'rocks')),
  shown('mixed-parts', 'Parts of different variants were built together.', fact('mixed-parts')),

  // Surfaces.
  shown(
    'bushing-worn-through',
    'A bushing or bearing is worn through.',
    seen(BEARINGS, 'worn-through'),
  ),
  shown('bushing-turned', 'A bushing has spun in its bore.', seen(BEARINGS, 'turned')),
  shown(
    'bushing-turned-blued-seized',
    'A bushing or bearing spun, went blue or seized.',
    seen(BEARINGS, 'turned', 'blued', 'seized'),
  ),
  shown('bushing-scored', 'A bushing is scored.', seen(BEARINGS, 'scored')),
  shown('journal-scored', 'The hub or a journal is scored.', seen(JOURNALS, 'scored')),
  shown('hub-blued', 'The hub is blue from heat.', seen({ ids: /^hub$/ }, 'blued')),
  shown(
    'journals-blued',
    'A journal is blue from heat.',
    seen({ ...JOURNALS, but: /^hub$/ }, 'blued'),
  ),
  shown(
    'crescent-or-bore-cut',
    'Teeth have cut into the crescent or the bore.',
    seen({ ids: /^(crescent|bore-.+)$/ }, 'walked-in'),
  ),
  shown(
    'crescent-cut-cracked',
    'The crescent is cut into or cracked.',
    seen({ kinds: ['crescent'] }, 'walked-in', 'cracked'),
  ),
  shown(
    'bore-cut-ridge',
    'The gears have cut into the bore, or left a ridge in it.',
    seen(SECTION_BORE, 'walked-in', 'ridge'),
  ),
  shown('bore-cut', 'The gears have cut into the bore.', seen(SECTION_BORE, 'walked-in')),
  shown('only-polished', 'The crescent is only polished.', fact('only-polished')),
  shown('polished', 'Surfaces are polished by running.', seen(ANY, 'polished')),
  shown(
    'seal-track-marked',
    'The seal’s track on the shaft is marked.',
    seen({ ids: /^seal-track-inner$/ }, 'scored', 'pitted', 'rusted', 'stepped'),
  ),
  shown('pitted', 'Surfaces are pitted.', seen(ANY, 'pitted')),
  shown('pitted-or-blued', 'Surfaces are pitted or blue from heat.', seen(ANY, 'pitted', 'blued')),
  shown(
    'vanes-chipped-stuck',
    'Vanes are chipped or stick in their slots.',
    seen({ kinds: ['vane'] }, 'chipped', 'stuck'),
    seen({ kinds: ['slot'] }, 'stuck'),
  ),
  shown('ring-scored', 'The ring or bore in which the vanes run is scored.', seen(RING, 'scored')),
  shown(
    'faces-blued-scored',
    'Faces or the rim are scored or blue from heat.',
    seen(RUNNING, 'blued', 'scored'),
    seen({ kinds: ['rim'] }, 'blued', 'scored'),
  ),
  shown('gouged', 'Something took a bite out of a part.', seen(ANY, 'gouged')),
  shown('teeth-cracked', 'A tooth is cracked.', seen({ kinds: ['teeth'] }, 'cracked')),
  shown('chipped', 'An edge or a tip is chipped.', seen(ANY, 'chipped')),
  shown('teeth-chipped', 'Teeth are chipped.', seen({ kinds: ['teeth'] }, 'chipped')),
  shown('shaft-twisted', 'The drive end of the shaft is twisted.', seen(DRIVES, 'twisted')),
  shown(
    'faces-scored',
    'Faces that run on each other are scored.',
    seen({ ...RUNNING, but: /^(deck|gasket-face-.+|cover-track)$/ }, 'scored'),
  ),
  shown(
    'teeth-rim-scored',
    'Teeth, lobes or the rim are scored.',
    seen({ kinds: ['teeth', 'rim'] }, 'scored'),
  ),
  shown('seat-worn', 'The valve seat is worn.', seen({ ids: /^valve-seat$/ }, 'seat-worn')),
  shown(
    'plunger-scored-stuck',
    'The valve plunger is scored or sticks.',
    seen({ ids: /^valve-plunger$/ }, 'scored', 'stuck'),
  ),
  shown(
    'spring-broken',
    'The valve spring is broken or sagged.',
    seen({ ids: /^valve-spring$/ }, 'broken'),
  ),
  shown('spring-rusted', 'The valve spring is rusted.', seen({ ids: /^valve-spring$/ }, 'rusted')),
  shown('porous', 'The casting is porous.', seen(ANY, 'porous')),
  shown(
    'casting-cracked',
    'The casting is cracked.',
    seen(CASTINGS, 'cracked'),
    seen({ ids: /^deck$/ }, 'cracked'),
  ),
  shown('ears-cracked', 'A mounting ear is cracked.', seen(CASTINGS, 'cracked')),
  shown(
    'cover-ridge-scored',
    'The track on the cover or a plate has a ridge, or is scored.',
    seen(COVER_TRACKS, 'ridge', 'scored'),
  ),
  shown('deck-nicked', 'The deck is nicked.', seen({ ids: /^deck$/ }, 'nicked')),
  shown('rusted', 'Surfaces are rusted.', seen(ANY, 'rusted')),
  shown('bright', 'All surfaces are bright: no rust, no pits.', fact('bright')),
  shown(
    'drive-mushroomed',
    'The drive is mushroomed, gouged or twisted.',
    seen(DRIVES, 'mushroomed', 'gouged', 'twisted'),
  ),
  shown('tang-mushroomed', 'The drive is mushroomed.', seen(DRIVES, 'mushroomed')),

  // Clearances and sizes.
  shown('bush-over', 'Play in a bushing or bearing is over its limit.', gap('bushing', 'over')),
  shown('bush-in', 'Play in bushings and bearings is in.', gap('bushing', 'in')),
  shown('hub-tight', 'The hub is tight in its bushing.', gap('hub', 'under')),
  shown('vent-small', 'The drain hole is smaller than its limit.', gap('vent', 'under')),
  shown('vent-size-in', 'The drain hole has its size.', gap('vent', 'in')),
  shown(
    'tips-over',
    'Clearance at the tips or the rim is over its limit.',
    gap('tip', 'over'),
    gap('body', 'over'),
  ),
  shown('tip-over', 'Tip or rim clearance is over its limit.', gap('tip', 'over')),
  shown('tip-in', 'Tip and rim clearances are in.', gap('tip', 'in')),
  shown(
    'crescent-tip-over',
    'Clearance at the crescent is over its limit.',
    gap('crescentTip', 'over'),
  ),
  shown('crescent-tip-in', 'Clearance at the crescent is in.', gap('crescentTip', 'in')),
  shown('rim-over', 'Rim clearance in the pocket is over its limit.', gap('outside', 'over')),
  shown(
    'tip-body-over',
    'Clearance of the tips in the body is over its limit.',
    gap('body', 'over'),
  ),
  together(
    'tip-body-over-track-in',
    'Tips clear the body by too much, and the body is not cut.',
    gap('body', 'over'),
    gap('track', 'in'),
  ),
  shown('track-over', 'The gears have cut the body deeper than its limit.', gap('track', 'over')),
  shown('track-in', 'The cut of the gears in the body is within its limit.', gap('track', 'in')),
  shown('face-over', 'End or face clearance is over its limit.', gap('face', 'over')),
  shown('face-in', 'End and face clearances are in.', gap('face', 'in')),
  shown(
    'face-or-rim-under',
    'Face or rim clearance is below its least.',
    gap('face', 'under'),
    gap('outside', 'under'),
  ),
  shown(
    'face-or-rim-close',
    'Face or rim clearance is close to its limit.',
    gap('face', 'close'),
    gap('outside', 'close'),
  ),
  shown(
    'face-or-total-over',
    'Face clearance, or its total with the wear, is over its limit.',
    gap('face', 'over'),
    gap('total', 'over'),
  ),
  shown('total-over', 'The total with the wear is over its limit.', gap('total', 'over')),
  together(
    'total-over-face-in',
    'The total with the wear is over its limit, and the face clearance alone is in.',
    gap('total', 'over'),
    gap('face', 'in'),
  ),
  shown('cover-over', 'Wear of the cover is over its limit.', gap('cover', 'over')),
  shown('cover-in', 'Wear of the cover is within its limit.', gap('cover', 'in')),
  shown('plate-over', 'Wear of a plate is over its limit.', gap('plate', 'over')),
  shown('deck-over', 'The deck is not flat.', gap('deck', 'over')),
  shown('runout-over', 'The shaft runs out of true.', gap('runout', 'over')),
  shown('engagement-over', 'The drive has too much play.', gap('engagement', 'over')),
  shown('engagement-in', 'The play of the drive is in.', gap('engagement', 'in')),
  shown('plunger-over', 'The valve plunger is loose in its bore.', gap('plunger', 'over')),
  shown('spring-load-in', 'The valve spring has its load.', gap('springLoad', 'in')),
  shown('spring-load-under', 'The valve spring is weak.', gap('springLoad', 'under')),
  shown(
    'spring-weak-short',
    'The valve spring is weak or short.',
    gap('springLoad', 'under'),
    gap('springLength', 'under'),
  ),
  shown(
    'spring-length-close',
    'The length of the valve spring is close to its limit.',
    gap('springLength', 'close'),
  ),
  shown('slot-under', 'Too little of a vane stays in its slot.', gap('vaneInSlot', 'under')),
  shown('vane-under', 'A vane is too short.', gap('vaneLength', 'under')),
  shown('slot-in', 'Enough of the vanes stays in their slots.', gap('vaneInSlot', 'in')),
  together(
    'vanes-both-in',
    'Length of the vanes, and what stays in the slots, are in.',
    gap('vaneInSlot', 'in'),
    gap('vaneLength', 'in'),
  ),
  shown('all-in', 'All clearances that have a limit are in.', gap('any', 'in')),
  shown('many-close', 'Many clearances are close to their limits.', gap('any', 'close', 3)),

  // What somebody said, together with what was measured or said beside it.
  together(
    'gradual-hours',
    'It faded slowly, over many hours.',
    told('gradual-even'),
    told('hours'),
  ),
  together(
    'thin-falls-hot-all-in',
    'Pressure falls hot, and all clearances are in.',
    told('falls-hot'),
    gap('any', 'in'),
  ),
  shown('air-drawn-in', 'Air is drawn in on the inlet side.', told('foam')),
];
