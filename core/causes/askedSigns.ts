import { answered, atBench, inTest, ofCustomer, told, type Sign } from './clue';

/** Lists the signs that somebody is asked for: the customer, whoever has the parts in hand, whoever runs it. */
export const ASKED_SIGNS: readonly Sign[] = [
  // How it came on, and what was done before.
  ofCustomer(
    'again',
    'Did it come back with the same fault, after new parts or a new seal?',
    'It came back with the same fault after new parts.',
  ),
  ofCustomer('rebuilt-lately', 'Was it rebuilt or opened lately?', 'It was rebuilt lately.'),
  ofCustomer('hours', 'Has it run long?', 'It has run long.'),
  ofCustomer(
    'gradual-even',
    'Did it fade slowly and evenly, without a jolt?',
    'It faded slowly and evenly.',
  ),
  ofCustomer('sudden', 'Did it fail all at once?', 'It failed all at once.'),
  ofCustomer(
    'first-minute',
    'Did it leak from the first minute?',
    'It leaked from the first minute.',
  ),
  ofCustomer(
    'first-pressure',
    'Was the seal out at the first pressure?',
    'The seal was out at the first pressure.',
  ),
  ofCustomer('ran-long-so', 'Did it run long, built as it is?', 'It ran long, built as it is.'),
  ofCustomer(
    'ran-before-here',
    'Did this pump run on this machine before?',
    'This pump ran on this machine before.',
  ),
  ofCustomer(
    'hours-since-opened',
    'Has it run long since it was last opened?',
    'It has run long since it was last opened.',
  ),
  ofCustomer('sealer', 'Was sealer put round the seal?', 'Sealer was put round the seal.'),
  ofCustomer('fitted-lately', 'Were vanes fitted lately?', 'Vanes were fitted lately.'),
  ofCustomer(
    'faced-or-wider',
    'Was a face cut, or a wider part fitted?',
    'A face was cut, or a wider part fitted.',
  ),
  ofCustomer('new-gears-no-gain', 'Did new gears bring no gain?', 'New gears brought no gain.'),
  ofCustomer(
    'other-casting-recut',
    'Is it another casting, or was it cut again?',
    'It is another casting, or it was cut again.',
  ),
  ofCustomer(
    'reversed-or-moved',
    'Was the pump reversed, or moved here from another machine?',
    'The pump was reversed, or moved from another machine.',
  ),
  ofCustomer(
    'bigger-or-faster',
    'Is it a bigger pump than before, or does it turn faster?',
    'It is bigger than before, or turns faster.',
  ),
  ofCustomer(
    'two-sets-one-inlet',
    'Do two pumping sections draw from one inlet?',
    'Two pumping sections draw from one inlet.',
  ),
  ofCustomer('two-way-drive', 'Is it driven both ways?', 'It is driven both ways.'),
  ofCustomer(
    'several-alike',
    'Have several pumps on this machine failed alike?',
    'Several pumps on this machine failed alike.',
  ),
  ofCustomer('new-pump-again', 'Did a new pump do the same?', 'A new pump did the same.'),
  ofCustomer(
    'drive-work',
    'Was the engine, a coupling or a dowel worked on?',
    'Engine, coupling or dowels were worked on.',
  ),
  ofCustomer(
    'broke-before',
    'Did something break in the system before?',
    'Something broke in the system before.',
  ),
  ofCustomer(
    'hose-opened',
    'Was the sump or an inlet hose opened?',
    'The sump or an inlet hose was opened.',
  ),
  ofCustomer(
    'pressure-raised',
    'Was the working pressure raised?',
    'The working pressure was raised.',
  ),
  ofCustomer(
    'relief-turned-up',
    'Was the relief valve turned up?',
    'The relief valve was turned up.',
  ),
  ofCustomer(
    'other-oil',
    'Was another oil filled just before?',
    'Another oil was filled just before.',
  ),
  ofCustomer('filter-bulged', 'Did the filter bulge?', 'The filter bulged.'),
  ofCustomer(
    'dirt',
    'Was there dirt in the oil?',
    'There was dirt in the oil.',
    answered(/^sludge$/, 'sludge'),
  ),
  ofCustomer(
    'stood-wet',
    'Did it stand wet, or long unused?',
    'It stood wet.',
    answered(/^sludge$/, 'water'),
  ),
  ofCustomer(
    'pulled-home',
    'Was the pump pulled home with its bolts?',
    'The pump was pulled home with its bolts.',
  ),
  ofCustomer(
    'new-on',
    'Did it fail soon after it was bolted on?',
    'It failed soon after it was bolted on.',
  ),

  // Looked for on the bench, or on the machine.
  atBench(
    'piece-found',
    'Was a hard piece found in the pump?',
    'A hard piece was found in the pump.',
  ),
  atBench('pickup-ring-cut', 'Is the pick-up O-ring cut or missing?', 'The pick-up O-ring is cut.'),
  atBench(
    'seeps-port-to-port',
    'Does solvent seep from port to port through the casting?',
    'Solvent seeps from port to port.',
  ),
  atBench(
    'stuck-shut',
    'Did the relief plunger stick in the closed position?',
    'The relief plunger stuck shut.',
  ),
  atBench(
    'crescent-one-end',
    'Is the crescent worn at one end only?',
    'The crescent is worn at one end.',
  ),
  atBench(
    'glitter',
    'Is there bright glitter in the oil?',
    'There is bright glitter in the oil.',
    answered(/^sludge$/, 'bright glitter'),
  ),
  atBench(
    'screen-metal',
    'Is there metal in the screen or strainer?',
    'There is metal in the screen.',
    answered(/^screen$/, 'metal in it'),
  ),
  atBench(
    'screen-torn-metal',
    'Is the screen or strainer torn?',
    'The screen is torn, or has metal in it.',
    answered(/^screen$/, 'torn', 'metal in it'),
    told('screen-metal'),
  ),
  atBench(
    'screen-whole',
    'Is the screen whole and clean?',
    'The screen is whole and clean.',
    answered(/^screen$/, 'whole and clean'),
  ),

  // How it behaves while it runs.
  inTest('only-at-speed', 'Does it fail only at speed?', 'It fails only at speed.'),
  inTest('only-cold', 'Does it show only when cold?', 'It shows only when cold.'),
  inTest('same-cold-and-hot', 'Is it the same, cold and hot?', 'It is the same, cold and hot.'),
  inTest(
    'falls-hot',
    'Does pressure fall as the oil gets hot?',
    'Pressure falls as the oil gets hot.',
  ),
  inTest(
    'falls-hot-back-with-revs',
    'Does pressure fall hot, and come back with revs?',
    'Pressure falls hot, and comes back with revs.',
  ),
  inTest('same-unloaded', 'Does it leak as much without load?', 'It leaks as much without load.'),
  inTest('under-load', 'Is it lost only under load?', 'It is lost under load.'),
  inTest('jumps', 'Does pressure jump?', 'Pressure jumps.'),
  inTest(
    'ceiling',
    'Does pressure stop at one figure, whatever the speed?',
    'Pressure stops at one figure at any speed.',
  ),
  inTest(
    'right-once-shaken',
    'Did it come right once, after a knock or a rinse?',
    'It came right once, after a knock.',
  ),
  inTest(
    'flow-flat',
    'Does flow stop rising above some speed?',
    'Flow stops rising above some speed.',
  ),
  inTest(
    'vacuum-high',
    'Is the vacuum at the inlet port high?',
    'The vacuum at the inlet is high.',
  ),
  inTest('foam', 'Does the oil foam?', 'The oil foams.'),
  inTest(
    'builds-only-fast',
    'Does it build pressure only when turned fast?',
    'It builds pressure only when turned fast.',
  ),
  inTest(
    'free-again-cold',
    'Does it lock hot, and turn free again cold?',
    'It locks hot, and turns free again cold.',
  ),
  inTest(
    'frees-when-slack',
    'Does it turn free once its bolts are slackened?',
    'It turns free once its bolts are slackened.',
  ),
  inTest('oil-blows-back', 'Does oil blow back at the inlet?', 'Oil blows back at the inlet.'),
  inTest('gauge-pegged', 'Did the gauge go to its stop?', 'The gauge went to its stop.'),
  inTest(
    'cavity-idle',
    'Is there pressure behind the seal at idle?',
    'There is pressure behind the seal at idle.',
  ),
  inTest(
    'cavity-rises',
    'Does the pressure behind the seal rise with the outlet pressure?',
    'Pressure behind the seal rises with the outlet pressure.',
  ),
];
