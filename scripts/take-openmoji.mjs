// Copies the few OpenMoji drawings that the cards use into src/lib/pictures/openmoji.ts. Run by hand after adding a name to the list below.
import { readFileSync, writeFileSync } from 'node:fs';

const icons = JSON.parse(readFileSync(new URL('../node_modules/@iconify-json/openmoji/icons.json', import.meta.url))).icons;
// our name -> name in the set, where the two differ
const TAKEN = {
  'red-apple': '', banana: '', lemon: '', lime: '', tangerine: '', pear: '', peach: '', cherries: '', strawberry: '', blueberries: '', grapes: '', 'kiwi-fruit': '', mango: '', pineapple: '', melon: '',
  'tumbler-glass': '', coconut: '', tomato: '', 'canned-food': '', potato: '', 'roasted-sweet-potato': '', carrot: '', onion: '', 'leafy-green': '', garlic: '', 'ginger-root': '', cucumber: '', eggplant: '',
  'bell-pepper': '', 'hot-pepper': '', broccoli: '', 'brown-mushroom': '', 'ear-of-corn': '', avocado: '', olive: '', 'cooked-rice': '', spaghetti: '', bread: '', flatbread: '', cookie: '', egg: '', 'poultry-leg': '',
  'cut-of-meat': '', bacon: '', fish: '', shrimp: '', beans: '', chestnut: '', peanuts: '', 'jar-with-brown-content': '', 'milk-jug': '', 'glass-of-milk': '', 'cheese-wedge': '', 'ice-cream': '', butter: '', jar: '',
  salt: '', 'pepper-mill': '', herb: '', 'jar-with-yellow-content': '', 'jar-with-green-content': '', 'jar-with-red-content': '', 'honey-pot': '', 'chocolate-bar': '', ice: '', 'teacup-without-handle': '',
  scissors: '', spoon: '', timer: '', thermometer: '', sponge: '', soap: '', tap: 'potable-water', courgette: 'cucumber', beetroot: 'root-vegetable', 'dried-fruit': 'grapes', hands: 'wash-hands', soup: 'steaming-bowl',
  meal: 'fork-and-knife-with-plate', water: 'droplet', bin: 'wastebasket', food: 'takeout-box', pinch: 'pinching-hand', hand: 'palm-down-hand', eye: 'eye',
}; // prettier-ignore
const lines = Object.entries(TAKEN).map(([own, theirs]) => {
  const icon = icons[theirs || own];
  if (!icon) throw new Error(`no drawing is called ${theirs || own}`);
  return `  ${JSON.stringify(own)}: ${JSON.stringify(icon.body)},`;
});
writeFileSync(
  new URL('../src/lib/pictures/openmoji.ts', import.meta.url),
  `// Drawings by the OpenMoji project (openmoji.org), CC BY-SA 4.0: see LICENSE-openmoji.md beside this file. Made by scripts/take-openmoji.mjs; 72 x 72 grid.\nexport const OPENMOJI: Record<string, string> = {\n${lines.join('\n')}\n};\n`,
);
console.log(`${lines.length} drawings taken`);
