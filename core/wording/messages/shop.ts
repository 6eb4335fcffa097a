export const SHOP = {
  'shop.noNotices':
    'The notices are written when the app is built, and could not be read here ({status}).',
  'shop.enterParts': 'Enter the parts, separated by commas',
  'shop.enterPeople': 'Enter the people, separated by commas',
  'shop.importAdd': '{record}: will be added.',
  'shop.andMore': '{items} and {more} more',
  'shop.fieldItem': '{field}: {item}',
  'shop.limitOf': '{tier}, {check}',
  'shop.quoted': '“{text}”',
  'shop.importMerge': '{record}: will be brought together with the one here.',
  'shop.importNewer': '{record}: stays as it is here; the file has nothing new.',
  'shop.importOlder': '{record}: the file has news.',
  'shop.fileProblem': '{place}: {message}',
  'shop.importSame': '{record}: already here, unchanged.',
  'shop.importUnreadable':
    '{record}: replaces one here that cannot be read. That one is set aside as it is.',
  'shop.mostAmount': 'Most amount, {unit}',
  'shop.notImported':
    '{file} was not imported; nothing was changed. Fix the lines below and try again.',
  'shop.parts': '{count, plural, one {# part} other {# parts}}',
  'shop.record':
    '{kind, select, job {Job {name}} sheet {Sheet {name}} study {Study {name}} part {Part {name}} photo {Photo {name}} trace {Run {name}} other {The shop’s settings}}',
  'shop.units.mm': 'millimetre',
  'shop.units.thou': 'thou and inch',
  'shop.givenUp': 'No plan for {tags}.',
  'shop.waits': '{days, plural, one {waits a day} other {waits # days}}',
  'shop.allPlans': 'All plans together: {time} of work here; with parts {sum}.',
  'shop.spares': '{count, plural, one {One spare is wanted.} other {# spares are wanted.}}',
} as const;
