/** Says what Measure says: it is loaded with it. */
export const MEASURE_PAGE = {
  'measure.leftAt': 'Hollow: it left here as {tag} at {range}.',
  'measure.askedOther': 'Decide asked for: {check}.',
  'measure.cardHead': '{section}: {verdict}',
  'measure.checksOf': 'Checks · {limits}',
  'measure.contradiction':
    '{reading} does not agree with {earlier} here. Wipe leaf and face, try again, then choose.',
  'measure.correctedTo':
    'New sizes are corrected to {reference} for the part’s material. Leave empty for no correction.',
  'measure.dialRadius': 'Dial radius, {unit}',
  'measure.drawing': '{model}. {instruction} Place {number} of {all}: {place}. Limit: {limit}.',
  'measure.edge':
    '{leaf} part way in would put this out. Is it well in, or only the tip? Gear edges are chamfered: a tip in a chamfer is no gap.',
  'measure.firstBecause': 'First because: {why}.',
  'measure.gaugeSimulated':
    '{state, select, ready {{gauge}: listening. Simulated readings.} other {{gauge}: connecting. Simulated readings.}}',
  'measure.gaugeState': '{state, select, ready {{gauge}: listening.} other {{gauge}: connecting.}}',
  'measure.gaugeTyped':
    'A gauge typed “{text}”. This step wants a leaf: nothing was recorded. To use a gauge, choose another way below.',
  'measure.gaugeTypedAnywhere':
    'A gauge typed “{text}”, and no field was ready for it: nothing was recorded.',
  'measure.leftOut': 'Left out: {place}.',
  'measure.measureAfterAll': 'Measure after all {place}',
  'measure.measureAgain': 'Measure again: {checks}.',
  'measure.noInstrument': '{kind}: none in the list. Add one under Shop.',
  'measure.numberAndLimit': '{number} of {all} with a limit · {limit}',
  'measure.partTemperature': 'Part, {unit}',
  'measure.pickLeaves': 'Pick the place, then up to {most} leaves ({unit})',
  'measure.radiusWrong': 'Radius: {error}',
  'measure.readAgain': 'Read again {figure} {where}',
  'measure.reads': 'Reads, {unit}',
  'measure.restore': 'Restore {figure} {where}',
  'measure.said': '{verdict}: {check}. {why}',
  'measure.section': 'Section {number}',
  'measure.setChanged':
    'The leaf set “{set}” was changed in the shop. This job now uses the new one. Earlier tries stay as they were.',
  'measure.settingStandard': 'Setting standard, {unit}',
  'measure.shopTemperature': 'Shop, {unit}',
  'measure.sizesDecide': 'Leaves can show no more of “{check}”. Its sizes can.',
  'measure.skip': 'Skip this place: {place}',
  'measure.sourceOf': '{limits}: {source}.',
  'measure.strikeOut': 'Strike out {figure} {where}',
  'measure.strikeOutWork': 'Strike out {work}',
  'measure.struckOut': 'Struck out {when}: {why}',
  'measure.struckOutBy': 'Struck out {when} by {who}: {why}',
  'measure.temperatureRange': 'Enter {least} to {most}, or leave it empty.',
  'measure.toList': '{check}: all checks',
  'measure.try': 'Try {leaf}',
  'measure.wipeFirst':
    'Wipe the anvils and the setting standard first. {instrument}: range {from}–{to}, u {u}.',
  'measure.with': 'With {instrument}',
  'measure.zeroFirst': '{instrument}: zero it before its first size.',
  'measure.zeroed': 'Zeroed {when}: {offset}.',
} as const;
