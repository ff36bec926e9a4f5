import styled from 'styled-components';
import { encode } from 'uqr';

/** Dark on light in either theme, with its margin: a camera knows no other. */
const Picture = styled.svg`width: 220px; max-width: 100%; height: auto; background: #fff; border-radius: 6px;`;

/** A text as a QR code, for a camera. */
export function QrCode({ text, label }: { text: string; label: string }) {
  const { data, size } = encode(text, { border: 4 });
  const path = data.flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])));
  return (
    <Picture viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label} shapeRendering="crispEdges">
      <path d={path.join('')} fill="#000" />
    </Picture>
  );
}
