import { Image, StyleSheet, View } from 'react-native';
import { Path, Svg } from 'react-native-svg';
import type { PageAround, PageSignature } from '@/core/report/around';
import { SIGNED_ON, strokesIn } from '@/core/records/strokes';
import { sayReport } from '@/core/report/sayReport';
import { usePalette } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** The photos that were chosen for the report. */
export function PaperPhotos({ photos }: Pick<PageAround, 'photos'>) {
  return (
    <View style={layout.wrap}>
      {photos.map(({ id, jpeg, width, height }, i) => (
        <Image
          key={id}
          source={{ uri: jpeg }}
          aria-label={sayReport('report.photo', { number: i + 1 })}
          style={[styles.photo, { aspectRatio: width / height }]}
        />
      ))}
    </View>
  );
}

/** Who signed, and the lines for those who did not yet. */
export function Signatures({ signatures }: Pick<PageAround, 'signatures'>) {
  return (
    <View style={[layout.wrap, styles.signatures]}>
      {signatures.map((one) => (
        <Signature key={one.as} one={one} />
      ))}
    </View>
  );
}

/** Returns strokes as the path of a drawing. */
const pathOf = (strokes: string): string =>
  strokesIn(strokes)
    .map((points) => `M${[...points, ...(points.length === 1 ? points : [])].join('L')}`)
    .join('');

function Signature({ one: { strokes, name, words, since } }: { readonly one: PageSignature }) {
  const palette = usePalette();
  return (
    <View style={styles.signature}>
      <View style={[styles.line, { borderColor: palette.ink }]}>
        {strokes ? (
          <Svg
            width="100%"
            height={64}
            viewBox={`0 0 ${SIGNED_ON.width} ${SIGNED_ON.height}`}
            preserveAspectRatio="xMinYMax meet"
            aria-hidden
          >
            <Path
              d={pathOf(strokes)}
              fill="none"
              stroke={palette.ink}
              strokeWidth={7}
              strokeLinecap="round"
              strokeLinejoin="round"
            />
          </Svg>
        ) : name ? (
          <Words size="strong">{name}</Words>
        ) : null}
      </View>
      <Words size="note" tone="muted">
        {words}
      </Words>
      {since ? <Words size="note">{since}</Words> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  photo: { width: 164, maxWidth: '100%', borderRadius: 4 },
  signatures: { marginTop: 20, columnGap: 28 },
  signature: { flexGrow: 1, flexBasis: 200 },
  line: { height: 68, borderBottomWidth: 1, justifyContent: 'flex-end', marginBottom: 4 },
});
