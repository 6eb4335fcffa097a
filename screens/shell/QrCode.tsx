import { onDemand } from './onDemand';

/** A text as a QR code; what draws one is loaded with the first of them. */
export const QrCode = onDemand('QrCode', async () => (await import('@/ui/QrCode')).QrCode);
