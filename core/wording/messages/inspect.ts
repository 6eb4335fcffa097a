export const INSPECT = {
  'inspect.allPins': 'all {count}',
  'inspect.bySheet': 'by the sheet: {source}',
  'inspect.countPins': 'Count the loose rollers or pins. Are all {count} there?',
  'inspect.countSmall':
    '{kind, select, key {{count, plural, one {Is the key of the {part} there?} other {Count the keys of the {part}. Are all # there?}}} clip {{count, plural, one {Is the clip of the {part} there?} other {Count the clips of the {part}. Are all # there?}}} pin {{count, plural, one {Is the pin of the {part} there?} other {Count the pins of the {part}. Are all # there?}}} other {{count, plural, one {Is the washer of the {part} there?} other {Count the washers of the {part}. Are all # there?}}}}',
  'inspect.differs': 'should be {right}, you have {found}',
  'inspect.found': 'found {found}',
  'inspect.freeTurning': '{clutch}, free direction',
  'inspect.from': 'from {from}',
  'inspect.gearOnShaft':
    '{sections, plural, =1 {Drive gear on its shaft} other {Drive gear on its shaft, section {section}}}',
  'inspect.gearSits':
    '{sections, plural, =1 {Try to slide the drive gear along its shaft.} other {Section {section}: try to slide the drive gear along its shaft.}} {fit, select, pressed {How does it sit? It is pressed on.} other {How does it sit? In a stack it floats.}}',
  'inspect.loosePins': '{clutch}, loose pins',
  'inspect.missing': '{missing} missing',
  'inspect.partRemark': '{part}: {remark}',
  'inspect.race': '{clutch}, race',
  'inspect.rollers': '{clutch}, rollers or pins',
  'inspect.rotationClash':
    '{tagged, select, clockwise {the tag says clockwise} other {the tag says anticlockwise}}: ask how it was driven',
  'inspect.rotationTold':
    '{answer}: {byPorts, select, clockwise {it turns clockwise} other {it turns anticlockwise}}, viewed from the shaft end',
  'inspect.shouldBe': 'should be {right}',
  'inspect.small':
    '{kind, select, key {{count, plural, one {Key of the {part}} other {Keys of the {part}}}} clip {{count, plural, one {Clip of the {part}} other {Clips of the {part}}}} pin {{count, plural, one {Pin of the {part}} other {Pins of the {part}}}} other {{count, plural, one {Washer of the {part}} other {Washers of the {part}}}}}',
  'inspect.tabs': '{clutch}, tabs',
  'inspect.toReplace': 'replace: {surfaces}',
  'inspect.upTo': 'up to {to}',
  'inspect.washers': '{clutch}, washers',
  'inspect.whichWayFree': 'Viewed from the {side}, which way does the {part} turn freely?',
} as const;
