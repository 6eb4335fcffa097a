import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Estimate } from '@/core/metrology/estimate';
import type { Verdict } from '@/core/metrology/verdict';
import { families } from '@/core/pumps/registry';
import { DEFECTS } from '@/core/pumps/teardown/defects';
import { WAYS_ROUND } from '@/core/pumps/teardown/wayRound';
import { DefectGlyph } from '@/ui/DefectGlyph';
import { GapBar } from '@/ui/GapBar';
import { HowPicture, type How } from '@/ui/HowPicture';
import { PinRing } from '@/ui/PinRing';
import { PumpPicture } from '@/ui/PumpPicture';
import { QrCode } from '@/ui/QrCode';
import { TermEntry } from '@/ui/Meaning';
import { TERM_IDS } from '@/core/wording/terms';
import { WayGlyph } from '@/ui/WayGlyph';
import { Words } from '@/ui/Words';
import type { Case, Specimen } from './specimen';
import { layout } from '@/ui/layout';

const styles = StyleSheet.create({
  many: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 18, rowGap: 8 },
});

const VERDICTS: readonly Verdict[] = ['in', 'out', 'close', 'open'];
const HOWS: readonly How[] = ['edge', 'push', 'between', 'mic', 'bore', 'depth', 'dial', 'finger'];
const LIMITS = { lower_mm: 0.02, upper_mm: 0.08 };

/** Small pictures, as many to a line as fit. */
const Many = ({ children }: { readonly children: ReactNode }) => (
  <View style={styles.many}>{children}</View>
);

const bracket = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});
const value = (value_mm: number, u_mm: number): Estimate => ({ kind: 'value', value_mm, u_mm });
const both = (estimate: Estimate) => ({ smallest: estimate, largest: estimate });

const bar = (name: string, props: Partial<Parameters<typeof GapBar>[0]>): Specimen => ({
  name: `Gap bar: ${name}`,
  of: <GapBar limits={LIMITS} known={null} heatShift_mm={null} unit="mm" {...props} />,
});

/** The verdicts, the gap bar, and every picture that a step or an answer has. */
export const PICTURES: Case = {
  title: 'Verdicts and pictures',
  specimens: [
    {
      name: 'Words of the trade',
      of: (
        <>
          {TERM_IDS.map((id) => (
            <TermEntry key={id} id={id} />
          ))}
        </>
      ),
    },
    {
      name: 'Verdicts',
      of: (
        <Many>
          {VERDICTS.map((verdict) => (
            <View key={verdict} style={layout.line}>
              <PinRing verdict={verdict} />
              <Words>{verdict}</Words>
            </View>
          ))}
        </Many>
      ),
    },
    bar('nothing known', {}),
    bar('a bracket', { known: both(bracket(0.04, 0.05)) }),
    bar('open upwards', { known: both(bracket(0.06, null)) }),
    bar('a value, with the hot gap', { known: both(value(0.05, 0.004)), heatShift_mm: 0.012 }),
    bar('smallest and largest apart', {
      known: { smallest: bracket(0.03, 0.04), largest: bracket(0.07, 0.09) },
    }),
    bar('far out, in thou', { known: both(bracket(0.3, 0.35)), unit: 'thou' }),
    bar('before and after work', {
      known: both(value(0.04, 0.004)),
      before: both(bracket(0.1, 0.12)),
    }),
    bar('slim, in a list of works', {
      slim: true,
      known: both(value(0.04, 0.004)),
      before: both(bracket(0.1, 0.12)),
    }),
    bar('without a limit', { limits: null, known: both(value(0.05, 0.004)) }),
    bar('only an upper limit, of a size', {
      limits: { upper_mm: 20.06 },
      known: both(value(20.055, 0.003)),
      kind: 'size',
    }),
    {
      name: 'How an instrument is held',
      of: (
        <Many>
          {HOWS.map((how) => (
            <HowPicture key={how} how={how} width={92} />
          ))}
        </Many>
      ),
    },
    {
      name: 'Defects',
      of: (
        <Many>
          {DEFECTS.map(({ id, name }) => (
            <View key={id} style={layout.line}>
              <DefectGlyph defect={id} />
              <Words>{name}</Words>
            </View>
          ))}
        </Many>
      ),
    },
    {
      name: 'Ways round',
      of: (
        <Many>
          {WAYS_ROUND.flatMap((way) =>
            way.options.map((option) => (
              <View key={`${way.id}-${option.id}`} style={layout.line}>
                <WayGlyph way={way.id} option={option.id} />
                <Words>{`${way.name} ${option.name}`}</Words>
              </View>
            )),
          )}
        </Many>
      ),
    },
    ...families().map((family): Specimen => ({
      name: `Pump: ${family.name}`,
      of: (
        <PumpPicture
          sheet={{ family: family.id, geometry: family.example, model: family.name }}
          size={260}
        />
      ),
    })),
    {
      name: 'Pump with a tilted floor',
      of: families()
        .slice(0, 1)
        .map((family) => (
          <PumpPicture
            key={family.id}
            sheet={{ family: family.id, geometry: family.example, model: family.name }}
            size={260}
            tilt={{ direction_deg: 40, label: '0.03 mm' }}
          />
        )),
    },
    { name: 'Code of a bench tag', of: <QrCode text="HM-0417" size={120} /> },
  ],
};
