export const RECORDS = {
  'records.columnMissing':
    '{count, plural, one {The column {columns} is missing. Add it and try again.} other {The columns {columns} are missing. Add them and try again.}}',
  'records.contradicts': '{felt} at {mm} mm contradicts earlier tries. Repeat it.',
  'records.drawnFar': 'The geometry says {size}. Check the unit.',
  'records.isNow': '{was} is now {is}',
  'records.line': 'line {line}',
  'records.lineColumn': 'line {line}, column {column}',
  'records.meantOtherwise': '{limits}, with another source or meaning',
  'records.more': 'and {more} more',
  'records.most': 'At most {most}.',
  'records.sheetIdUnknown':
    'There is no sheet with the id “{id}” here. Import that sheet first, or clear the cell and name the model.',
  'records.sheetNotOne':
    'More than one sheet is called “{model}”. Write the id of the one that is meant in the column sheet.',
  'records.partInJob':
    '{label} is in {tag}. Take it out there, or put it back on its own page; a table does not.',
  'records.oneOf': 'None of the words that belong here: {values}',
  'records.notType': 'Not {thing}',
  'records.leastCharacters': 'At least {least} characters',
  'records.atLeast': 'Not below {least}',
  'records.atMost': 'Not above {most}',
  'records.moreThan': 'Has to be more than {bound}',
  'records.fewestItems': 'At least {least} of them',
  'records.mostItems': 'At most {most} of them',
  'records.fieldUnknown': 'Has fields that are not known here: {fields}',
  'records.mostCharacters': 'At most {most} characters.',
  'records.mostPhotos': 'There is room for {most} photos.',
  'records.mostReadings': 'At most {most} readings.',
  'records.newerFile':
    'A newer Dial Bench wrote this file (format {version}; this one reads up to {known}). Update the app first.',
  'records.newerRecord':
    'A newer Dial Bench wrote this (version {version}; this one reads up to {known}). Update the app first.',
  'records.noCheck': 'This pump has no check “{id}”.',
  'records.noGap': '{pump} has no such check.',
  'records.noPart': '{pump} has no such part.',
  'records.noPlace': '{pump} has no such place to measure.',
  'records.noSize': '{pump} has no such size.',
  'records.noSurface': '{pump} has no such surface.',
  'records.mostLines': 'At most {most} lines. Divide the file.',
  'records.partUnknown': 'This pump has no part “{name}”.',
  'records.sheetUnknown': 'There is no sheet for “{model}” here. Import or make it first.',
  'records.columnUnknown':
    '{count, plural, one {No column is called {columns}. Correct its name or leave it out.} other {No columns are called {columns}. Correct their names or leave them out.}}',
  'records.sizeTwice': '{size} is there in mm and in inches. Leave one out.',
  'records.sizeUnknown': '{column} is no size of this part.',
  'records.noTier': 'The sheet has no limits “{tier}”.',
  'records.nominalFar': 'The nominal size is {size}. Check the unit of the limit.',
  'records.variantUnknown': 'The sheet has no variant “{name}”.',
  'records.notOneOf': '“{text}” is not one of {known}.',
  'records.studyName':
    '{thing, select, part {Enter a name for the part.} other {Enter a name for the person.}}',
  'records.studyTwice':
    '{thing, select, part {The same part is there twice.} other {The same person is there twice.}}',
  'records.studyTwo':
    '{thing, select, part {Enter at least two parts.} other {Enter at least two people.}}',
  'records.tenTimesOff': 'The nominal sizes give {size}: ten times off. Check the decimal point.',
  'records.twice': 'The file has “{id}” twice. Delete one of them.',
  'records.verySmall': '{size} is very small. Inches entered as thou?',
  'records.veryWide': '{size} is very wide for a clearance. Check the unit.',
} as const;
