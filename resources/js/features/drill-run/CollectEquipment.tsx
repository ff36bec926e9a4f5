import type { RunState } from '../../api/types';
import { Notice, Part, QuietText } from '../../design';
import { CountRow } from '../../design/CountRow';
import type { Rolling } from './useDrillRun';

/** Kit back at the end: what went out is counted in again. */
export function CollectEquipment({ run, rolling }: { run: RunState; rolling: Rolling }) {
  const out = (name: string, pieces: number) => rolling.setOut.kit_out[name] ?? pieces;
  const counted = run.kit.filter((piece): piece is typeof piece & { pieces: number } => piece.pieces !== null);
  if (counted.length === 0) {
    return null;
  }
  const missing = counted.reduce(
    (sum, { name, pieces }) => sum + Math.max(0, out(name, pieces) - (rolling.setOut.kit_back[name] ?? 0)),
    0,
  );
  return (
    <Part>
      <h2>Collect equipment</h2>
      {counted.map(({ name, pieces }) => (
        <CountRow
          key={name}
          label={`${name}: ${out(name, pieces)} on the green`}
          count={rolling.setOut.kit_back[name] ?? 0}
          most={Math.max(out(name, pieces), 1)}
          allWord="All collected"
          onCount={(count) => void rolling.count(run.id, 'kit_back', name, count)}
        />
      ))}
      {missing > 0 ? (
        <Notice>
          {missing === 1 ? 'One piece is' : `${missing} pieces are`} still on the green.
          {counted.some(({ name }) => /\btees?\b/.test(name)) && ' A flush tee left in turf is a hazard.'}
        </Notice>
      ) : (
        <QuietText role="status">Everything is collected.</QuietText>
      )}
    </Part>
  );
}
