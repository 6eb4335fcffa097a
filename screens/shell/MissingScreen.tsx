import { useRouter } from 'expo-router';
import { Button } from '@/ui/Button';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';

export function MissingScreen() {
  const router = useRouter();
  return (
    <Page title="Nothing here">
      <Words>There is no page at this address.</Words>
      <Button mode="contained" onPress={() => router.replace('/')}>
        Back to Bench
      </Button>
    </Page>
  );
}
