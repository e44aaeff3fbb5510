const STYLES = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'fill-rule',
];

/** The drawing as a file of its own: what the style sheet gives is written into each element, so that it looks the same elsewhere. */
export function svgText(svg: SVGSVGElement, asFile = true): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const from = [svg, ...svg.querySelectorAll<SVGElement>('*')];
  const to = [copy, ...copy.querySelectorAll<SVGElement>('*')];
  from.forEach((element, i) => {
    const style = getComputedStyle(element);
    const target = to[i];
    if (!target) return;
    for (const name of STYLES) {
      const value = style.getPropertyValue(name);
      if (value) target.style.setProperty(name, value);
    }
  });
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  const text = new XMLSerializer().serializeToString(copy);
  return asFile ? `<?xml version="1.0" encoding="UTF-8"?>\n${text}` : text;
}

export function saveText(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/**
 * Prints a drawing so that a millimetre is a millimetre, on one sheet as large as the drawing; its scale bar says
 * whether the printer kept to it.
 */
export function printFullSize(svg: SVGSVGElement | undefined): void {
  if (!svg) return;
  const { width, height } = svg.viewBox.baseVal;
  const frame = document.createElement('iframe');
  frame.className = 'hush';
  frame.title = 'The drawing at full size';
  const size = `width:${width}mm;height:${height}mm`;
  frame.srcdoc = `<style>@page{size:${width}mm ${height}mm;margin:0}body{margin:0}svg{display:block;${size}}</style>${svgText(svg, false)}`;
  frame.onload = () => {
    frame.contentWindow?.addEventListener('afterprint', () => frame.remove());
    frame.contentWindow?.print();
  };
  document.body.append(frame);
}
