// Our own drawings of tools as they lie or stand: 72 x 72 grid, round strokes of 2.
import { table } from '$core';

const INK = '#000';
/** Lines over fills: `fills` are drawn first, without outline. */
function draw(fills: string, lines: string): string {
  return `${fills}<g fill="none" stroke="${INK}" stroke-width="2" stroke-linecap="round" stroke-linejoin="round">${lines}</g>`;
}
const fill = (colour: string, d: string) => `<path fill="${colour}" d="${d}"/>`;
const path = (d: string) => `<path d="${d}"/>`;
/** A shape that is filled and outlined. */
const shape = (colour: string, d: string, more = '') => draw(fill(colour, d), path(d) + more);
const dots = (points: [number, number][], r = 1.3, colour = INK) =>
  points.map(([x, y]) => `<circle cx="${x}" cy="${y}" r="${r}" fill="${colour}" stroke="none"/>`).join('');

const BOWL = 'M8 32h56c0 16-10 28-22 28H30C18 60 8 48 8 32z';
const PAN = 'M10 30h38v20a8 8 0 0 1-8 8H18a8 8 0 0 1-8-8z';
const FLAT_PAN = 'M6 40h42c0 8-5 14-12 14H18C11 54 6 48 6 40z';

export const DRAWN = table<string>({
  jar: draw(
    fill('#e3f0f6', 'M18 24h36v34a5 5 0 0 1-5 5H23a5 5 0 0 1-5-5z') + fill('#c9452c', 'M20 10h32v10H20z'),
    path('M18 24h36v34a5 5 0 0 1-5 5H23a5 5 0 0 1-5-5zM20 10h32v10H20zM22 20v4M50 20v4M18 34h36'),
  ),
  scissors: draw(
    fill('#c9d2d7', 'M33 40L20 8l6-2 12 30zM39 40L52 8l-6-2-12 30z'),
    path('M33 40L20 8l6-2 12 30M39 40L52 8l-6-2-12 30') +
      '<circle cx="24" cy="54" r="9" stroke="#2f6b5c" stroke-width="5"/><circle cx="48" cy="54" r="9" stroke="#2f6b5c" stroke-width="5"/>' +
      path('M34 38l-6 9M38 38l6 9'),
  ),
  spoon: shape('#c9d2d7', 'M36 6c8 0 11 9 9 16-1 5-4 8-6 9l2 31a5 5 0 0 1-10 0l2-31c-2-1-5-4-6-9-2-7 1-16 9-16z'),
  timer: draw(
    '<circle cx="36" cy="38" r="26" fill="#fff"/>' + fill('#9cc4d4', 'M36 38V14a24 24 0 0 1 24 24z'),
    '<circle cx="36" cy="38" r="26"/>' + path('M36 38V20M30 6h12M36 6v6M36 14v3M36 59v3M12 38h3M57 38h3'),
  ),
  thermometer: draw(
    '<circle cx="36" cy="18" r="14" fill="#fff"/>' + fill('#c9d2d7', 'M33 32h6l-2 34h-2z'),
    '<circle cx="36" cy="18" r="14"/>' + path('M33 32l2 34h2l2-34M36 18l7-6M28 22h2M42 22h2'),
  ),
  sponge: draw(
    fill('#5f9a42', 'M8 40h56v14H8z') + fill('#dfc07a', 'M8 24h56v16H8z'),
    path('M8 24h56v30H8zM8 40h56') +
      dots([
        [18, 32],
        [30, 30],
        [42, 33],
        [54, 31],
      ]),
  ),
  soap: draw(
    fill('#f0a8b8', 'M12 30h48a8 8 0 0 1 8 8v8a8 8 0 0 1-8 8H12a8 8 0 0 1-8-8v-8a8 8 0 0 1 8-8z'),
    path('M12 30h48a8 8 0 0 1 8 8v8a8 8 0 0 1-8 8H12a8 8 0 0 1-8-8v-8a8 8 0 0 1 8-8zM24 42h24') +
      '<circle cx="20" cy="18" r="5"/><circle cx="32" cy="14" r="3.5"/>',
  ),
  tap: draw(
    fill('#aab6bc', 'M10 16h36q10 0 10 12v8H46v-6q0-4-4-4H10z') + fill('#8cc6e0', 'M51 44c5 6 7 9 7 13a7 7 0 0 1-14 0c0-4 2-7 7-13z'),
    path('M10 16h36q10 0 10 12v8H46v-6q0-4-4-4H10zM28 16V8M20 8h16M51 44c5 6 7 9 7 13a7 7 0 0 1-14 0c0-4 2-7 7-13z'),
  ),
  meal: draw(
    '<circle cx="36" cy="38" r="20" fill="#fff"/><circle cx="36" cy="38" r="12" fill="#e8d3a0"/>',
    '<circle cx="36" cy="38" r="20"/><circle cx="36" cy="38" r="12"/>' + path('M6 12v14q0 5 4 5t4-5V12M10 12v50M62 12q6 6 4 20h-4V12v50'),
  ),
  bin: draw(
    fill('#8b979e', 'M16 22h40l-4 44H20z') + fill('#6f7f88', 'M12 14h48v8H12z'),
    path('M16 22l4 44h32l4-44M12 14h48v8H12zM28 30v28M36 30v28M44 30v28'),
  ),
  'egg-slicer': draw(
    fill('#c9d2d7', 'M10 40h52v14H10z'),
    path('M10 40h52v14H10zM12 40L20 12h32l8 28M26 14l-4 26M32 13l-2 27M40 13l2 27M46 14l4 26'),
  ),
  cup: shape('#b5665a', 'M14 22h34v24a10 10 0 0 1-10 10H24a10 10 0 0 1-10-10z', path('M48 28h6a7 7 0 0 1 7 7v2a7 7 0 0 1-7 7h-6')),
  bag: shape('#e3f0f6', 'M16 16h40l4 46H12z', path('M16 24h40M30 20h12')),
  measure: shape('#e6ecef', 'M8 26h34l-4 30H12z', path('M42 30h24v7H41M12 36h26')),
  // containers
  bowl: shape('#d8e4ea', BOWL, path('M24 60h24')),
  'small-bowl': shape('#d8e4ea', 'M18 40h36c0 10-6 18-14 18h-8c-8 0-14-8-14-18z', path('M28 58h16')),
  plate: draw(fill('#fff', 'M4 42h64c-4 8-14 12-32 12S8 50 4 42z'), path('M4 42h64c-4 8-14 12-32 12S8 50 4 42zM20 54h32')),
  mug: shape('#c9dbe6', 'M16 20h32v34a6 6 0 0 1-6 6H22a6 6 0 0 1-6-6z', path('M48 28h6a6 6 0 0 1 6 6v8a6 6 0 0 1-6 6h-6')),
  glass: draw(fill('#cfe8f5', 'M22 34h28l-3 26H25z'), path('M20 14h32l-5 46H25zM22 34h28')),
  jug: draw(
    fill('#cfe8f5', 'M18 36h32v20a4 4 0 0 1-4 4H22a4 4 0 0 1-4-4z'),
    path('M12 14h38v42a4 4 0 0 1-4 4H22a4 4 0 0 1-4-4V24zM50 22h6a6 6 0 0 1 6 6v12a6 6 0 0 1-6 6h-6') +
      path('M24 50h8M24 42h12M24 34h8M24 26h12'),
  ),
  'storage-box': draw(
    fill('#d9ecf5', 'M10 30h52l-4 28H14z') + fill('#3f88b5', 'M6 20h60v10H6z'),
    path('M10 30h52l-4 28H14zM6 20h60v10H6z') + path('M30 25h12'),
  ),
  tray: shape('#b9c1c6', 'M6 34h60l-6 18H12z', path('M6 34l-3-4M66 34l3-4')),
  'baking-dish': shape('#d9895b', 'M10 30h52v20a8 8 0 0 1-8 8H18a8 8 0 0 1-8-8z', path('M10 36H4v-6h6M62 36h6v-6h-6')),
  'cake-tin': shape('#b9c1c6', 'M12 26h48v30H12z', path('M8 26h56M12 34h48')),
  'muffin-tin': shape('#b9c1c6', 'M4 30h64v6H4z', path('M8 36c0 14 14 14 14 0M29 36c0 14 14 14 14 0M50 36c0 14 14 14 14 0')),
  saucepan: shape('#9fb2bd', PAN, path('M48 34h20M6 30h46')),
  'large-pan': shape(
    '#9fb2bd',
    'M12 24h48v28a8 8 0 0 1-8 8H20a8 8 0 0 1-8-8z',
    path('M12 32H4v-6h8M60 32h8v-6h-8M8 24h56M20 18c0-4 32-4 32 0'),
  ),
  'frying-pan': shape('#7d8a92', FLAT_PAN, path('M48 43l20-8M4 40h46')),
  lid: shape('#9fb2bd', 'M8 48c0-16 12-24 28-24s28 8 28 24z', path('M4 48h64M32 24v-6h8v6')),
  'wire-rack': draw('', path('M6 32h60M6 46h60M16 26v26M28 26v26M40 26v26M52 26v26M10 52v6M62 52v6')),
  paper: shape('#f6ead0', 'M14 16h44v34c-8 6-14-6-22 0s-14 6-22 0z', path('M22 26h28M22 34h28')),
  foil: shape('#dfe5e8', 'M10 20h52v24l-6 4-6-4-6 4-6-4-6 4-6-4-6 4-6-4z', path('M10 28h52')),
  'muffin-cases': shape('#e6b8c4', 'M16 28h40l-8 30H24z', path('M24 28l4 30M36 28v30M48 28l-4 30M12 28h48')),
  board: shape('#d3e3df', 'M6 24h60v28H6z', '<circle cx="60" cy="30" r="2"/>' + path('M14 34h32M14 42h38')),
  // cutting
  knife: draw(
    fill('#d3dade', 'M6 40h38V26C26 26 12 32 6 40z') + fill('#7a4a2a', 'M44 28h22v9H44z'),
    path('M6 40h38V26C26 26 12 32 6 40zM44 28h22v9H44z') +
      dots([
        [51, 32.5],
        [59, 32.5],
      ]),
  ),
  'table-knife': draw(
    fill('#d3dade', 'M8 34h34v6H14c-4 0-6-3-6-6z') + fill('#8f9ba1', 'M42 33h24v8H42z'),
    path('M8 34h34v6H14c-4 0-6-3-6-6zM42 33h24v8H42z'),
  ),
  peeler: draw(
    fill('#d3dade', 'M26 10h20v8H26z') + fill('#3f88b5', 'M32 34h8v28h-8z'),
    path('M26 10h20v8H26zM26 18c0 10 6 10 6 16M46 18c0 10-6 10-6 16M32 34h8v28h-8zM30 14h12'),
  ),
  grater: shape(
    '#d3dade',
    'M22 16h28l8 44H14z',
    path('M28 16c0-8 16-8 16 0') + path('M26 28l4 3M35 28l4 3M44 28l4 3M24 38l4 3M34 38l4 3M44 38l4 3M22 48l4 3M33 48l4 3M45 48l4 3'),
  ),
  'can-opener': draw(
    fill('#c9452c', 'M34 30l26 20-5 7L29 37z') + fill('#d3dade', 'M12 22a10 10 0 1 1 20 0 10 10 0 0 1-20 0z'),
    path('M34 30l26 20-5 7L29 37zM30 38L12 60M36 34L20 62') +
      '<circle cx="22" cy="22" r="10"/><circle cx="22" cy="22" r="3"/>' +
      path('M22 8v4M22 32v4M8 22h4'),
  ),
  'garlic-press': draw(
    fill('#d3dade', 'M8 18h18v14H8z'),
    path('M8 18h18v14H8zM26 20l40 6M26 30l40 14') +
      dots([
        [13, 23],
        [20, 23],
        [13, 28],
        [20, 28],
      ]),
  ),
  juicer: draw(
    fill('#f3e27a', 'M8 44h56c0 8-8 14-16 14H24c-8 0-16-6-16-14z'),
    path('M8 44h56c0 8-8 14-16 14H24c-8 0-16-6-16-14zM22 44c2-16 8-26 14-26s12 10 14 26M36 18v26M29 24c-1 6-2 12-2 20M43 24c1 6 2 12 2 20'),
  ),
  cutter: shape('#d3dade', 'M14 30c0-6 10-10 22-10s22 4 22 10v18c0 6-10 10-22 10s-22-4-22-10z', path('M14 30c0 6 10 10 22 10s22-4 22-10')),
  // utensils
  fork: draw('', path('M28 8v16c0 5 3 8 8 8s8-3 8-8V8M36 8v56M28 16h0')),
  'wooden-spoon': draw(
    fill('#dcb27c', 'M28 16c0-6 4-10 8-10s8 4 8 10-4 12-6 12v36h-4V28c-2 0-6-6-6-12z'),
    path('M28 16c0-6 4-10 8-10s8 4 8 10-4 12-6 12v36h-4V28c-2 0-6-6-6-12z'),
  ),
  spatula: draw(
    fill('#c9452c', 'M26 8h20v22c0 4-6 4-8 4h-4c-2 0-8 0-8-4z'),
    path('M26 8h20v22c0 4-6 4-8 4h-4c-2 0-8 0-8-4zM34 34v30h4V34'),
  ),
  ladle: draw(
    fill('#9fb2bd', 'M10 44h28c0 10-6 16-14 16s-14-6-14-16z'),
    path('M10 44h28c0 10-6 16-14 16s-14-6-14-16zM36 46L54 10c2-4 8-2 6 2'),
  ),
  whisk: draw('', path('M36 36c-14-4-16-26 0-30 16 4 14 26 0 30zM36 36c-5-6-6-24 0-30 6 6 5 24 0 30M33 36h6v28h-6z')),
  masher: draw(
    fill('#7a4a2a', 'M28 8h16v8H28z'),
    path('M28 8h16v8H28zM36 16v16M20 54c0-14 4-22 16-22s16 8 16 22M12 54h48v6H12zM22 54v6M32 54v6M42 54v6M52 54v6'),
  ),
  tongs: draw('', path('M34 8c-10 10-16 30-14 52l6-2M38 8c10 10 16 30 14 52l-6-2M34 8h4')),
  'rolling-pin': draw(fill('#dcb27c', 'M14 28h44v16H14z'), path('M14 28h44v16H14zM14 33H4v6h10M58 33h10v6H58')),
  'pastry-brush': draw(
    fill('#f0d9b0', 'M26 8h20v18H26z') + fill('#c9452c', 'M24 26h24v8H24z'),
    path('M26 8v18M31 8v18M36 8v18M41 8v18M46 8v18M24 26h24v8H24zM33 34v30h6V34'),
  ),
  sieve: draw(
    fill('#e6ecef', 'M6 30h40c0 14-8 22-20 22S6 44 6 30z'),
    path('M6 30h40c0 14-8 22-20 22S6 44 6 30zM46 30h22M14 30l10 20M24 30l10 19M34 30l6 13M10 40l20-10M16 48l26-16'),
  ),
  colander: shape(
    '#d3dade',
    BOWL,
    path('M8 34H3M64 34h5M24 60v4M48 60v4') +
      dots(
        [
          [20, 40],
          [30, 40],
          [42, 40],
          [52, 40],
          [25, 48],
          [36, 48],
          [47, 48],
        ],
        1.8,
      ),
  ),
  // appliances
  oven: shape(
    '#e3e7e9',
    'M10 8h52v56H10z',
    path('M10 22h52M18 30h36v26H18zM24 36h24') +
      dots(
        [
          [20, 15],
          [30, 15],
          [42, 15],
          [52, 15],
        ],
        2.4,
      ),
  ),
  hob: shape(
    '#e3e7e9',
    'M6 26h60v24H6z',
    '<ellipse cx="22" cy="35" rx="9" ry="4.5"/><ellipse cx="50" cy="35" rx="9" ry="4.5"/>' +
      dots(
        [
          [28, 45],
          [36, 45],
          [44, 45],
        ],
        2,
      ),
  ),
  microwave: shape(
    '#e3e7e9',
    'M4 18h64v36H4z',
    path('M10 24h38v24H10zM10 54v4M62 54v4') +
      dots(
        [
          [58, 26],
          [58, 34],
          [58, 42],
        ],
        2.4,
      ),
  ),
  toaster: shape('#d3dade', 'M10 28c0-6 4-8 8-8h36c4 0 8 2 8 8v28H10z', path('M20 20v-8h32v8M62 36h5v6') + path('M14 56v4M58 56v4')),
  kettle: shape(
    '#9fb2bd',
    'M18 26h32l8 34H14z',
    path('M24 26c0-8 20-8 20 0M18 34l-10 4 6 10M50 28h8a6 6 0 0 1 6 6v14') + path('M33 16v-4M12 10c0-3 3-3 3-6M20 8c0-3 3-3 3-6'),
  ),
  blender: draw(
    fill('#d9ecf5', 'M20 8h32l-4 36H24z') + fill('#8f9ba1', 'M22 44h28v18H22z'),
    path('M20 8h32l-4 36H24zM22 44h28v18H22zM18 8h36M36 30l-6 8M36 30l6 8') + dots([[36, 53]], 3),
  ),
  mixer: shape(
    '#c9dbe6',
    'M10 24c0-8 8-12 18-12h30v16H28c-4 0-18 2-18-4z',
    path('M22 28v12c-6 4-6 18 0 22 6-4 6-18 0-22M42 28v12c-6 4-6 18 0 22 6-4 6-18 0-22'),
  ),
  fridge: shape('#e3edf2', 'M16 6h40v60H16z', path('M16 28h40M22 14v8M22 34v12')),
  scale: draw(
    fill('#e3e7e9', 'M14 34h44l4 26H10z') + fill('#b9c1c6', 'M8 22h56l-4 8H12z'),
    path('M14 34h44l4 26H10zM8 22h56l-4 8H12zM36 30v4') +
      '<rect x="24" y="42" width="24" height="11" rx="2" fill="#cfe8d5"/>' +
      path('M28 49h4M36 49h8'),
  ),
  // wear, surfaces, cleaning
  'oven-gloves': shape('#c9452c', 'M22 62V38l-8-8c-4-6 2-12 7-8l5 6V18c0-14 26-14 26 0v44z', path('M22 54h30')),
  apron: shape('#5b8ea6', 'M26 8h20v14l10 10v30H16V32l10-10z', path('M26 8c0-4 20-4 20 0M16 36L6 42M56 36l10 6M26 44h20v10H26z')),
  stand: shape('#dcb27c', 'M8 36h56v8H8z', path('M14 44v10M58 44v10M24 36v8M36 36v8M48 36v8')),
  cloth: shape('#a9d2e8', 'M10 20h52v34c-10 6-18-4-26 0s-18 4-26 0z', path('M18 20v34M10 28h52')),
});
