import { useEffect, useState } from 'react';
import { RemotePlanner } from '@/data/rework';

/** Keeps a thread that plans for as long as what asks it is shown. */
export function usePlanner(): RemotePlanner {
  const [planner] = useState(() => new RemotePlanner());
  useEffect(() => () => planner.close(), [planner]);
  return planner;
}
