export const DOUBT = {
  'doubt.bareThou': '“{text}” is read as {reading}, far from the limit {limit}.',
  'doubt.farFromLimit': '{reading} is far from its limit of {limit}. Check the unit.',
  'doubt.farFromSheet': '{reading} is far from the sheet’s {nominal}. Check the unit.',
  'doubt.offBefore': '{reading} is {off} off the earlier readings here.',
  'doubt.offPlan':
    '{reading} is outside the planned amount: {from} to {to} is in. Check it, and its unit.',
  'doubt.outOfRange': '{reading} is out of range for {instrument} ({range}). Check the unit.',
  'doubt.tenTimes': '{reading} is over 10 times the limit ({limit}) for “{check}”. Check the unit.',
} as const;
