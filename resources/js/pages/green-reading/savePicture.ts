/** Saves the drawing of a mapped hole as an SVG file, its colours as they stand now. */
export function savePicture(name: string): void {
  const drawn = document.querySelector<SVGSVGElement>('main svg[aria-label^="Map of"]');
  if (drawn === null) {
    return;
  }
  const copy = drawn.cloneNode(true) as SVGSVGElement;
  const styles = getComputedStyle(document.documentElement);
  // Custom properties are known to this page alone.
  const text = new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[\w-]+)\)/g, (_, property: string) => styles.getPropertyValue(property).trim());
  const file = URL.createObjectURL(
    new Blob(
      [
        text
          .replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="800" ')
          .replace(/( xmlns="[^"]+")(.*?)\1/, '$1$2'),
      ],
      {
        type: 'image/svg+xml',
      },
    ),
  );
  const link = document.createElement('a');
  link.href = file;
  link.download = `${name}.svg`;
  link.click();
  URL.revokeObjectURL(file);
}
