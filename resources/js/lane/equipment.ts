/** Things a bag may hold. Balls are always there. */
export const EQUIPMENT = [
  { value: 'tee', label: 'Tees' },
  { value: 'disc', label: 'Discs' },
  { value: 'rod', label: 'A rod' },
  { value: 'string', label: 'String' },
  { value: 'stake', label: 'Stakes' },
  { value: 'chalk', label: 'Chalk line' },
  { value: 'rule', label: 'A rule' },
  { value: 'tape', label: 'A tape' },
  { value: 'mirror', label: 'Mirror or light' },
  { value: 'cup', label: 'A cup' },
  { value: 'mug', label: 'A mug' },
  { value: 'bucket', label: 'A bucket' },
  { value: 'putty', label: 'Putty' },
  { value: 'wedge', label: 'A wedge' },
] as const;

export type EquipmentKind = (typeof EQUIPMENT)[number]['value'];
