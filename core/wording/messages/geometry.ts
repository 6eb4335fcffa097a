export const GEOMETRY = {
  'geometry.atLeast': '{field} must be at least {least}.',
  'geometry.atMost': '{field} must be at most {most}.',
  'geometry.inMm': '{length} mm',
  'geometry.leastAngle': '{field} must be at least {least}°.',
  'geometry.leastArc':
    'Tooth arc radius must be over {least} with this eccentricity, or the teeth do not reach their roots.',
  'geometry.leastOutside':
    'Driven gear outside diameter must be at least {least}, or its teeth break through its rim.',
  'geometry.leastRotor':
    'Outer rotor diameter must be at least {least}, or nothing is left of its rim.',
  'geometry.leastVane':
    'Vane length must be at least {least}, or less than a fifth stays in the slot at full extension.',
  'geometry.missing': 'Enter a value for “{field}”.',
  'geometry.mostAngle': '{field} must be at most {most}°.',
  'geometry.mostTeeth':
    'Driven gear can have at most {most} teeth, or the pocket’s centre falls outside the drive gear.',
  'geometry.noRoom': '{field}: the other sizes leave no room for it, {why}.',
  'geometry.notANumber': '{field} must be a number.',
  'geometry.notPositive': '{field} must be above 0.',
  'geometry.notWhole': '{field} must be a whole number.',
  'geometry.teethOfModule':
    '{field} must be {least} to {most} mm for {teeth} teeth of this module.',
  'geometry.tiny': '{field} must be at least {least} mm. Check the unit.',
  'geometry.tooLarge': '{field} is over {most} mm. Check the unit.',
  'geometry.under': '{field} must be under {most} mm, {why}.',
  'geometry.unknownFamily': '“{id}” is not a pump family that this app knows.',
  'geometry.unknownPart': 'This pump has no “{id}”.',
} as const;
