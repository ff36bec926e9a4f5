/** The fields of a rolling screen, to go to by keys. */

export function goToBackstroke(): void {
  goTo('[data-backstroke] input');
}

export function goToLength(): void {
  goTo('[data-length] input');
}

function goTo(selector: string): void {
  const field = document.querySelector<HTMLInputElement>(selector);
  field?.focus();
  field?.select();
}
