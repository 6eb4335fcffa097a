import { useEffect } from 'react';
import { leavePlanner, planner, takePlanner, type RemotePlanner } from '@/data/rework';

/** Returns the planner, kept for as long as what asks it is shown. */
export function usePlanner(): RemotePlanner {
  useEffect(() => {
    takePlanner();
    return leavePlanner;
  }, []);
  return planner;
}
