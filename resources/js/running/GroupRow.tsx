import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { color, touch } from '../design';
import type { RunState } from '../server/types';
import { progressOf } from './course';
import type { Rolling } from './useDrillRun';

const Names = styled(RadioGroup)`
  display: grid; grid-template-columns: repeat(auto-fit, minmax(104px, 1fr)); gap: 6px;
  label {
    display: grid; align-content: center; min-height: ${touch}; min-width: 0; padding: 2px 10px; cursor: pointer; line-height: 1.2;
    border: 1.5px solid ${color.edge}; border-radius: 6px; background: ${color.leaf};
    span { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; }
    small { font-size: 0.85rem; color: ${color.pencil}; }
  }
  label[data-selected] { border: 2.5px solid ${color.ink}; background: ${color.copperWash}; font-weight: 700; padding: 1px 9px; small { color: ${color.ink}; font-weight: 400; } }
`;

interface GroupRowProps {
  rolling: Rolling;
  run: RunState;
  /** By student id. */
  names: ReadonlyMap<string, string>;
}

/** Everyone in the group; it follows the turns by itself, and one touch makes the next ball another's. */
export function GroupRow({ rolling, run, names }: GroupRowProps) {
  return (
    <Names
      aria-label="Whose ball is next"
      value={rolling.student}
      onChange={rolling.chooseStudent}
      orientation="horizontal"
    >
      {rolling.group.map((id) => {
        const progress = progressOf(run, id);
        const waiting = rolling.balls.filter((ball) => ball.student === id && ball.isWaiting).length;
        const count = (progress?.balls ?? 0) + waiting;
        return (
          <Radio key={id} value={id}>
            <span title={names.get(id)}>{shortName(names.get(id) ?? 'Somebody', [...names.values()])}</span>
            <small>
              {progress?.phase === 'done'
                ? 'done'
                : progress?.phase === 'capped'
                  ? 'at the cap'
                  : `${count} ${count === 1 ? 'ball' : 'balls'}`}
            </small>
          </Radio>
        );
      })}
    </Names>
  );
}

/** A first name, where nobody else here has the same. */
function shortName(name: string, all: readonly string[]): string {
  const first = name.split(' ')[0] ?? name;
  return all.filter((other) => other.split(' ')[0] === first).length > 1 ? name : first;
}
