import { Image, StyleSheet, View } from 'react-native';
import type { PageHead } from '@/core/report/around';
import type { ReportPage } from '@/core/report/page';
import { FigureView } from '@/ui/FigureView';
import { layout } from '@/ui/layout';
import { PinRing } from '@/ui/PinRing';
import { usePalette } from '@/ui/theme';
import { useRoom } from '@/ui/useWidth';
import { Heading, Words } from '@/ui/Words';
import { sayReport } from '@/core/report/sayReport';

/** How wide the pump stands beside the sentences, in px. */
const PUMP = 110;

interface Props {
  readonly page: ReportPage;
  /** Its sentence stands over it already. */
  readonly headed: boolean;
}

/** How a report begins: the shop, which job it is, its two sentences, the pump. */
export function PaperHead({ page, headed }: Props) {
  const { tiny } = useRoom();
  const [verdict, second] = page.sentences;
  return (
    <>
      <ShopHead head={page.around.head} />
      <View style={styles.head}>
        <PinRing verdict={page.verdict} size={44} />
        <View style={layout.grow}>
          {headed ? null : <Heading size="title">{verdict}</Heading>}
          {headed ? null : <Words strong>{second}</Words>}
          <Heading size="strong">{page.title}</Heading>
          <Words tone="muted">{page.pump}</Words>
        </View>
        {tiny ? null : (
          <FigureView
            figure={page.around.pump}
            width={PUMP}
            said={sayReport('report.pumpSaid', { pump: page.pump })}
          />
        )}
      </View>
    </>
  );
}

/** The shop’s own heading, the job and its days. */
function ShopHead({ head: { name, address, picture, tag, dates } }: { readonly head: PageHead }) {
  const palette = usePalette();
  return (
    <View style={[styles.shop, { borderColor: palette.ink }]}>
      {picture ? (
        <Image source={{ uri: picture }} style={styles.picture} resizeMode="contain" aria-hidden />
      ) : null}
      <View style={layout.grow}>
        {name ? <Words strong>{name}</Words> : null}
        {address.map((line) => (
          <Words key={line} size="note" tone="muted">
            {line}
          </Words>
        ))}
      </View>
      <View style={styles.right}>
        <Words strong>{tag}</Words>
        <Words size="note" tone="muted">
          {dates}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', gap: 12, alignItems: 'center' },
  shop: {
    flexDirection: 'row',
    gap: 12,
    alignItems: 'flex-start',
    borderBottomWidth: 2,
    paddingBottom: 8,
  },
  picture: { width: 84, height: 52 },
  right: { alignItems: 'flex-end' },
});
