import { useQuery } from '@tanstack/react-query';
import { Image, StyleSheet, View } from 'react-native';
import type { PumpKind } from '@/core/pumps/registry';
import { pumpOfJob } from '@/data/pumpOfJob';
import { usePalette } from '@/ui/theme';

interface Props {
  /** Null where nobody knows yet what pump it is: its job may say. */
  readonly pump: Pick<PumpKind, 'family' | 'geometry'> | null;
  readonly job?: string;
  readonly size?: number;
}

/**
 * The outline of a pump, small, before a line that is of it. It is drawn once for all lines, after they are there: what
 * draws pumps is not a part of the first page.
 */
export function PumpSign({ pump, job = '', size = 44 }: Props) {
  const palette = usePalette();
  const { data } = useQuery({
    queryKey: ['sign', palette.plate, pump ? [pump.family, pump.geometry] : job],
    queryFn: async () => {
      const { signOf } = await import('./pumpSign');
      const one = pump ?? (await pumpOfJob(job));
      try {
        return one && signOf(one, palette);
      } catch {
        // An odd geometry has no outline; its line is there all the same.
        return null;
      }
    },
    enabled: pump !== null || job !== '',
    staleTime: Infinity,
    gcTime: Infinity,
  });
  const box = { width: size, height: size };
  return (
    <View aria-hidden style={[styles.box, box]}>
      {data ? <Image source={{ uri: data }} style={box} resizeMode="contain" /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ box: { flexShrink: 0 } });
