// Milk and what is made of it, plant drinks, fats and oils. Allergens after FALCPA 2004 and Reg. (EU) 1169/2011.
import type { Food } from '../food-model';
import { rowsOf } from './row';

const milk = rowsOf('milk', { group: 'dairy', keep: 'fridge', form: 'liquid', picture: 'milk-jug', allergens: ['milk'], perishable: true });
const drink = rowsOf('plant-drink', { group: 'dairy', keep: 'fridge', form: 'liquid', picture: 'glass-of-milk' });
const yoghurt = rowsOf('yoghurt', { group: 'dairy', keep: 'fridge', form: 'soft', picture: 'tub', allergens: ['milk'], perishable: true, why: 'is made from milk' });
const cream = rowsOf('cream', { group: 'dairy', keep: 'fridge', form: 'liquid', picture: 'tub', allergens: ['milk'], perishable: true, why: 'is made from milk' });
const cheese = rowsOf('cheese', { group: 'dairy', keep: 'fridge', form: 'grain', picture: 'cheese-wedge', allergens: ['milk'], perishable: true, why: 'is made from milk' });
const soft = rowsOf('cheese', { group: 'dairy', keep: 'fridge', form: 'soft', picture: 'tub', allergens: ['milk'], perishable: true, why: 'is made from milk' });
const fat = rowsOf('fat', { group: 'fat', keep: 'fridge', form: 'soft', picture: 'butter' });
const oil = rowsOf('oil', { group: 'fat', keep: 'cupboard', form: 'liquid', picture: 'oil' });

export const DAIRY: Food[] = [
  milk('milk|whole milk|skimmed milk|semi-skimmed milk|semi skimmed milk|skim milk|low-fat milk|cow milk'),
  milk('buttermilk'),
  milk('goat milk'),
  milk('lactose-free milk', { why: 'is milk; without lactose it still holds milk protein' }),
  milk('milk powder|dried milk|powdered milk', { keep: 'cupboard', form: 'powder', picture: 'flour', perishable: false }),
  milk('evaporated milk', { keep: 'cupboard', picture: 'canned-food', perishable: false }),
  milk('condensed milk|sweetened condensed milk', { group: 'sweet', keep: 'cupboard', form: 'sticky', picture: 'canned-food', perishable: false }),
  milk('chocolate milk|milkshake'),
  drink('oat drink|oat milk', { allergens: ['gluten'], why: 'is made from oats, a cereal with gluten by EU law' }),
  drink('soy milk|soya milk|soy drink|soya drink', { allergens: ['soy'] }),
  drink('almond milk|almond drink|nut milk|cashew milk', { allergens: ['tree-nut'] }),
  drink('rice milk|rice drink'),
  drink('plant-based milk|plant milk|dairy-free milk|non-dairy milk|plant drink', { often: ['soy', 'tree-nut', 'gluten'] }),
  drink('coconut milk|light coconut milk', { group: 'fat', keep: 'cupboard', picture: 'coconut', often: ['sulphites'] }),
  drink('coconut cream|creamed coconut', { group: 'fat', keep: 'cupboard', picture: 'coconut', often: ['sulphites'] }),
  yoghurt('yoghurt|yogurt|plain yoghurt|natural yoghurt|plain yogurt|natural yogurt|low-fat yoghurt'),
  yoghurt('greek yoghurt|greek yogurt|greek-style yoghurt'),
  yoghurt('fruit yoghurt|vanilla yogurt|vanilla yoghurt|flavoured yoghurt'),
  yoghurt('kefir', { form: 'liquid', picture: 'glass-of-milk' }),
  yoghurt('soy yoghurt|soya yoghurt', { allergens: ['soy'], why: 'is made from soya' }),
  yoghurt('coconut yoghurt', { allergens: [], often: ['milk', 'soy'], why: undefined }),
  cream('cream|single cream|half-and-half|light cream|pouring cream|cooking cream'),
  cream('double cream|heavy cream|whipping cream|thickened cream'),
  cream('sour cream|soured cream', { form: 'soft' }),
  cream('crème fraîche|creme fraiche', { form: 'soft' }),
  cream('whipped cream|squirty cream'),
  cream('ice cream|vanilla ice cream', { keep: 'freezer', form: 'soft', picture: 'ice-cream', often: ['egg', 'tree-nut', 'soy'] }),
  cream('custard|ready-made custard|vanilla custard', { form: 'liquid', often: ['egg'] }),
  cream('plant cream|soya cream', { allergens: ['soy'], why: 'is made from soya' }),
  cheese('cheese|grated cheese|hard cheese|cheese slice|shredded cheese|mixed cheese'),
  cheese('cheddar|cheddar cheese|sharp cheddar|mature cheddar|sharp cheddar cheese'),
  cheese('mozzarella|mozzarella cheese|grated mozzarella|mozzarella ball'),
  cheese('parmesan|parmesan cheese|grana padano|pecorino'),
  cheese('feta|feta cheese'),
  cheese('halloumi'),
  cheese('gouda|edam|emmental|gruyère|gruyere|swiss cheese|monterey jack|red leicester'),
  cheese('goat cheese|goats cheese', { form: 'soft' }),
  cheese('paneer'),
  cheese('blue cheese|stilton|brie|camembert'),
  cheese('processed cheese|cheese spread|cheese triangle', { form: 'soft' }),
  cheese('vegan cheese|dairy-free cheese', { allergens: [], often: ['soy', 'tree-nut'], why: undefined }),
  soft('cream cheese|soft cheese|full-fat soft cheese|low-fat cream cheese'),
  soft('cottage cheese'),
  soft('ricotta'),
  soft('mascarpone'),
  soft('quark|fromage frais'),
  fat('butter|unsalted butter|salted butter|cold butter|melted butter|soft butter', { allergens: ['milk'], why: 'is made from milk' }),
  fat('ghee|clarified butter', { allergens: ['milk'], keep: 'cupboard', why: 'is made from butter' }),
  fat('margarine|baking spread|sunflower spread|vegetable spread', { often: ['milk', 'soy'] }),
  fat('vegan butter|dairy-free spread|plant butter', { often: ['soy', 'tree-nut'] }),
  fat('shortening|vegetable shortening|lard|vegetable fat|suet|vegetable suet', { often: ['wheat'] }),
  oil('oil|cooking oil|neutral oil'),
  oil('olive oil|extra virgin olive oil|extra-virgin olive oil'),
  oil('vegetable oil|rapeseed oil|canola oil'),
  oil('sunflower oil|corn oil'),
  oil('coconut oil', { form: 'soft' }),
  oil('peanut oil|groundnut oil', { allergens: ['peanut'], why: 'is pressed from peanuts' }),
  oil('sesame oil|toasted sesame oil', { allergens: ['sesame'], why: 'is pressed from sesame seeds' }),
  oil('walnut oil|almond oil', { allergens: ['tree-nut'], why: 'is pressed from nuts' }),
  oil('chilli oil|garlic oil', { often: ['sesame', 'soy'] }),
  oil('cooking spray|cooking oil spray|oil spray|spray oil|non-stick spray', { picture: 'sauce-bottle', often: ['soy'] }),
];
