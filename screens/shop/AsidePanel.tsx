import { useQuery } from '@tanstack/react-query';
import { Button } from '@/ui/Button';
import { asideQuery } from '@/data/hooks';
import { saveAs } from '@/data/save';
import { Notice } from '@/ui/Notice';
import { listed } from '@/core/wording/say';
import { sayShop } from './sayShop';

/** What could not be read and was set aside, to be saved as it is; nothing where there is none. */
export function AsidePanel() {
  const { data: aside = [] } = useQuery(asideQuery);
  if (aside.length === 0) return null;
  const save = () => saveAs('dial-bench-set-aside.json', JSON.stringify(aside, null, 1));
  return (
    <Notice
      kind="word"
      actions={
        <Button mode="outlined" onPress={save}>
          Save what was set aside
        </Button>
      }
    >
      {sayShop('shop.setAside', {
        count: aside.length,
        keys: listed(aside.map(({ key }) => key)),
      })}
    </Notice>
  );
}
