import { Notice } from './Notice';

/** Says that the shop's settings cannot be read, and that the usual ones stand in for them. */
export function ShopUnread({ error }: { readonly error: Error | null }) {
  if (!error) return null;
  return (
    <Notice kind="error">
      {`The shop’s settings and instruments cannot be read. The usual ones are used instead, and what is stored is left as it is. ${error.message}`}
    </Notice>
  );
}
