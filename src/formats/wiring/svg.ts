import type { Drawing, Shape } from './drawing';

const INK = '#16211F';

/** A drawing as a whole SVG file at 1:1 (millimetres); texts are escaped, nothing is fetched. */
export function drawingSvg(d: Drawing, title: string): string {
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${d.width}mm" height="${d.height}mm" viewBox="0 0 ${d.width} ${d.height}">`,
    `<title>${escaped(title)}</title>`,
    `<rect width="${d.width}" height="${d.height}" fill="#fff"/>`,
    ...d.shapes.map(shapeSvg),
    '</svg>',
  ].join('\n');
}

function shapeSvg(s: Shape): string {
  const pen = (width: number, dash?: readonly number[]) =>
    `stroke="${INK}" stroke-width="${width}"${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`;
  if (s.is === 'line')
    return `<polyline points="${s.points.map((p) => p.join(',')).join(' ')}" fill="none" ${pen(s.width, s.dash)} stroke-linejoin="round"/>`;
  if (s.is === 'rect')
    return `<rect x="${s.x}" y="${s.y}" width="${s.w}" height="${s.h}" fill="#fff" ${pen(s.width, s.dash)}/>`;
  if (s.is === 'circle')
    return `<circle cx="${s.x}" cy="${s.y}" r="${s.r}" fill="${s.fill ? INK : 'none'}" ${pen(s.width)}/>`;
  return `<text x="${s.x}" y="${s.y}" font-family="Barlow Semi Condensed, Arial Narrow, sans-serif" font-size="${s.size}"${s.bold ? ' font-weight="600"' : ''} text-anchor="${s.anchor}" fill="${INK}">${escaped(s.text)}</text>`;
}

function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
}
