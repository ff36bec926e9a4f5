/** Things a bag may hold. Balls are always there. */
export const EQUIPMENT = [
  { value: 'tee', label: 'Tees' },
  { value: 'disc', label: 'Discs' },
  { value: 'rod', label: 'Rod' },
  { value: 'string', label: 'String' },
  { value: 'stake', label: 'Stakes' },
  { value: 'chalk', label: 'Chalk line' },
  { value: 'rule', label: 'Ruler' },
  { value: 'tape', label: 'Tape measure' },
  { value: 'mirror', label: 'Mirror or light' },
  { value: 'cup', label: 'Cup' },
  { value: 'mug', label: 'Mug' },
  { value: 'bucket', label: 'Bucket' },
  { value: 'putty', label: 'Putty' },
  { value: 'wedge', label: 'Wedge' },
] as const;

export type EquipmentKind = (typeof EQUIPMENT)[number]['value'];
