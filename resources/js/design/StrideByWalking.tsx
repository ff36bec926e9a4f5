import { useState } from 'react';
import { Entry } from './Entry';

const STEPS = 10;

interface StrideByWalkingProps {
  /** Reads a length as it is typed, metres; null while it cannot be. */
  read: (text: string) => number | null;
  suffix: string;
  /** The length of one pace, metres. */
  onPace: (metres: number) => void;
}

/** Count ten along a tape and type how far that is: the dividing is done here. */
export function StrideByWalking({ read, suffix, onPace }: StrideByWalkingProps) {
  const [text, setText] = useState('');
  return (
    <Entry
      label="Length of ten steps"
      value={text}
      onChange={(typed) => {
        setText(typed);
        const metres = read(typed);
        if (metres !== null && metres > 0) {
          onPace(metres / STEPS);
        }
      }}
      suffix={suffix}
      hint="Walk ten steps along a tape and type the distance. The length of your step is filled in."
    />
  );
}
