/** What a drawing takes from the page's styles, and would lose on its own. */
const TAKEN = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
] as const;

/** So many px of the picture for each of the page, so that it prints. */
const FINE = 3;

/**
 * A drawing of the page as PNG, on the page's own paper.
 * @param patterns drawn elsewhere in the page and used by it
 * @throws if the browser cannot draw it
 */
export async function pictureOf(drawing: SVGSVGElement, patterns: readonly Element[]): Promise<Blob> {
  const { width, height } = drawing.getBoundingClientRect();
  const copy = styled(drawing) as SVGSVGElement;
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  copy.prepend(...patterns.map(styled));
  const text = new XMLSerializer().serializeToString(copy);
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [width * FINE, height * FINE];
  const pen = canvas.getContext('2d');
  if (!pen) throw new Error('this browser draws no pictures');
  pen.fillStyle = getComputedStyle(document.body).backgroundColor;
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('it could not be written'))),
      'image/png',
    );
  });
}

/** A copy with the styles that the page gives it written into it. */
function styled(element: Element): Element {
  const copy = element.cloneNode(true) as Element;
  const copies = [copy, ...copy.querySelectorAll('*')];
  for (const [i, one] of [element, ...element.querySelectorAll('*')].entries()) {
    const style = getComputedStyle(one);
    // As attributes: the page's policy takes no styles that are written as text.
    for (const name of TAKEN) copies[i]?.setAttribute(name, style.getPropertyValue(name));
    copies[i]?.removeAttribute('class');
  }
  return copy;
}
