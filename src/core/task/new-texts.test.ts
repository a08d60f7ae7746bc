// Kinds of faults that short texts of our own showed, written only to look for them: what each card says, and where it happens.
import { describe, expect, test } from 'vitest';
import { build, step } from '../../../tests/cases/built';
import { check, type Case } from '../../../tests/cases/cards';
import { dryRun } from './dry-run/index';
import { plainTurns } from './turns-of-speech';

describe('a side has a pan of its own', () => {
  test.each<Case>([
    [
      'rice as the packet says, beside a stew; then the stew is in hand again',
      '1 tbsp oil\n1 onion, chopped\n1 can chopped tomatoes\n250 g rice\n100 g spinach',
      'Heat the oil in a large pan and fry the onion for 5 minutes. Add the tomatoes and simmer for 10 minutes.\nMeanwhile, cook the rice following the packet. Drain.\nStir in the spinach and let it wilt.',
      [
        'Put the rice in the saucepan. >saucepan',
        'Drain the rice.',
        'Stir the spinach into the large pan. >large-pan',
        'Let the spinach wilt. >large-pan',
      ],
      /Drain the (?:stew|onion)/,
    ],
    [
      'what is done in its water is drained before another pan takes the ring',
      '300 g pasta\n100 g mushrooms\n1 tbsp oil',
      'Bring a pan of water to the boil and cook the pasta for 10 minutes.\nMeanwhile, fry the mushrooms in the oil for 5 minutes.\nDrain the pasta and stir in the mushrooms.',
      [
        'Cook the pasta for 10 minutes.',
        'Drain the pasta.',
        'Fry the mushrooms in the oil for 5 minutes. >frying-pan',
        'Tip the pasta back into the pan.',
        'Tip the mushrooms into the pan. >saucepan',
      ],
      null,
    ],
    [
      'mixed with what lies in another pan',
      '300 g pasta\n100 g mushrooms\n1 tbsp oil',
      'Heat the oil in a frying pan. Fry the mushrooms for 5 minutes. Boil the pasta in a large pan for 10 minutes. Drain the pasta and mix with the mushrooms.',
      ['Tip the mushrooms into the large pan. >large-pan', 'Mix everything in the large pan. >large-pan'],
      null,
    ],
    [
      'beans that are steamed stand above water',
      '200 g green beans',
      'Steam the green beans for 4 minutes.',
      [
        'Put a little water in the saucepan. >saucepan',
        'Put the green beans in the steamer basket. >steamer',
        'Steam the green beans for 4 minutes. >steamer',
      ],
      null,
    ],
    [
      'a bowl over simmering water keeps what is in it',
      '200 g dark chocolate\n200 g butter',
      'Put the chocolate and butter in a heatproof bowl. Set over a pan of simmering water and stir until melted.',
      ['Set the bowl over a pan of simmering water. >bowl', 'Stir everything in the bowl until melted. >bowl'],
      null,
    ],
    [
      'a pan that was wiped goes back on its ring, and not the food that left it',
      '300 g penne\n40 g butter\n40 g flour',
      'Cook the pasta in a large pan of boiling water for 8 minutes. Drain and tip into a baking dish. Wipe out the pan and put it back on a low heat. Melt the butter and stir in the flour.',
      [
        'Tip the penne into a baking dish. >baking-dish',
        'Turn on the hob under the large pan, low heat. >large-pan',
        'Melt the butter. >large-pan',
      ],
      /Put the penne back/,
    ],
    [
      'flatbreads leave the pan before they are wrapped',
      '150 g flour\n150 g yoghurt\n1 tbsp oil\n1 can chickpeas',
      'Mix the flour and yoghurt to a dough. Heat a frying pan. Cook the flatbreads for 2 minutes on each side. Wrap in a clean tea towel. Heat the oil in the same pan. Add the chickpeas and fry for 3 minutes.',
      ['Wrap the flatbreads in a clean tea towel. >plate', 'Fry the chickpeas for 3 minutes. >frying-pan'],
      null,
    ],
  ])('%s', (...one) => check(one));
});

describe('what is meant', () => {
  test.each<Case>([
    [
      'what a condition names',
      '175 g sugar\n175 g flour\n3 eggs\n1 lemon\n85 g granulated sugar',
      'Beat the sugar, flour and eggs. Spoon into a tin and bake for 25 minutes.\nMix the granulated sugar with the juice of the lemon in a bowl.\nWhen the cake comes out of the oven, leave it in the tin and prick it all over with a fork. Pour over the drizzle.',
      ['Prick the ', 'Pour the drizzle over '],
      /Prick .* >bowl|Pour .* >bowl/,
    ],
    [
      'peppers of two colours, once both were cut',
      '1 red pepper\n1 yellow pepper\n1 tbsp oil',
      'Halve the peppers and cut into strips. Heat the oil in a wok. Tip in the peppers.',
      [
        'Cut the red pepper and the yellow pepper into strips.',
        'Tip the red pepper into the wok. >wok',
        'Tip the yellow pepper into the wok. >wok',
      ],
      null,
    ],
    [
      'all that was cut for one bowl',
      '1/4 white cabbage\n2 carrots\n4 tbsp yoghurt',
      'Shred the cabbage and grate the carrots. Toss in a bowl with the yoghurt.',
      [
        'Put the white cabbage in the bowl. >bowl',
        'Put the carrots in the bowl. >bowl',
        'Put the yoghurt in the bowl. >bowl',
        'Toss everything in the bowl.',
      ],
      null,
    ],
    [
      'vegetables among which something lies are those that are there',
      '4 carrots\n6 chicken thighs\n200 g green beans',
      'Put the carrots in a roasting tin. Nestle the chicken among the vegetables. Roast for 40 minutes.',
      ['Nestle the chicken among the vegetables. >tray'],
      /green beans/,
    ],
    [
      'the seeds of what was cut last',
      '150 g rice\n4 peppers',
      'Boil the rice for 10 minutes and drain. Cut the tops off the peppers and take out the seeds.',
      ['Take out the seeds of the peppers. >board'],
      null,
    ],
    [
      'a chocolate mixture is of the chocolate that was melted',
      '200 g dark chocolate\n3 eggs\n100 g white chocolate chunks',
      'Melt the dark chocolate in a bowl. Crack the eggs into a large bowl and whisk. Pour the chocolate mixture over the eggs and fold together. Stir in the white chocolate.',
      ['Stir the white chocolate into the large bowl. >large-bowl'],
      /^Pour .* >(?!large-bowl)/,
    ],
    [
      'fish that is dusted with flour is still the fish when it is dipped',
      '350 g cod fillet\n50 g flour\n2 eggs\n100 g dried breadcrumbs',
      'Put the flour on a plate. Crack the eggs into a shallow bowl and beat. Put the crumbs on a second plate. Dust the fish in flour, shake off the excess, dip in the egg, then roll in the crumbs.',
      ['Dust the fish in ', 'Dip the cod fillet in the egg. >bowl', 'Roll the cod fillet in the crumbs.'],
      /^(?:Dip|Roll) the (?:flour|dried)/,
    ],
    [
      'the stock cube goes where the pan of the dish is',
      '500 g beef mince\n1 beef stock cube\n200 ml boiling water',
      'Transfer the mince to the slow cooker. Dissolve the stock cube in the boiling water and pour in. Pop the lid on and cook on Low for 6 hours.',
      ['Pour the beef stock into the slow cooker. >slow-cooker', 'Put the lid on. >slow-cooker'],
      null,
    ],
    [
      'an onion that is cooked in oil',
      '1 tbsp oil\n1 onion',
      'Finely chop the onion. Cook in the oil in a pan for 5 minutes.',
      ['Pour the oil into the pan.', 'Put the onion in the pan.', 'Cook the onion in the oil'],
      null,
    ],
    [
      'crumbs of biscuits, with berries crushed since',
      '8 digestive biscuits\n3 tbsp butter\n200 g cream cheese\n150 g berries\n1 tbsp sugar',
      'Crush the biscuits in a bag. Tip the crumbs into a bowl and stir in the butter. Spoon 2 tablespoons into the bottom of each glass and press down. Beat the cream cheese in a bowl. Crush the berries with the sugar using a fork. Swirl through the cheesecake mixture. Spoon the mixture over the crumbs.',
      [
        'Spoon 2 tablespoons into the bottom of each glass. >glass',
        'Crush everything in the ',
        'Spoon the mixture over the crumbs. >glass',
      ],
      null,
    ],
  ])('%s', (...one) => check(one));
});

describe('strips, wedges, and what is out already', () => {
  test.each<Case>([
    [
      'strips that are dipped are of what was cut into strips',
      '2 chicken breasts\n3 tbsp flour\n1 egg\n60 g cornflakes',
      'Line a baking tray. Cut each chicken breast into 5 strips. Put the cornflakes in a bag and crush them. Tip into a shallow dish. Put the flour in a second dish and beat the egg in a third. Dip each strip in the flour, then the egg, then the cornflakes. Lay them on the tray. Bake for 20 minutes.',
      [
        'Tip the cornflakes into a shallow dish. >baking-dish',
        'Put the flour in a second dish. >bowl',
        'Lay the chicken breasts on the tray. >tray',
        'Bake the chicken breasts for 20 minutes.',
      ],
      null,
    ],
    [
      'pork is tossed in its cornflour, and not the cornflour in a sauce',
      '250 g pork fillet\n1 tbsp cornflour\n2 tbsp ketchup\n1 tbsp vinegar\n1 tbsp oil',
      'Mix the ketchup and vinegar in a small bowl. Cut the pork into pieces and toss in the cornflour. Heat the oil in a wok and fry the pork for 5 minutes.',
      ['Put the cornflour in the bowl. >bowl', 'Toss the pork in the cornflour. >bowl'],
      /cornflour .*>small-bowl/,
    ],
    [
      'what is seasoned where it lies is no topping',
      '1 kg tomatoes\n1 red onion\n2 tbsp olive oil',
      'Halve the tomatoes, cut the onion into wedges and put them in a roasting tin. Drizzle with the oil and season. Roast for 40 minutes.',
      ['Season everything in the roasting tin.', 'Put the roasting tin in the oven.'],
      /Roast the oil/,
    ],
    [
      'meatballs that were browned leave a large pan too',
      '400 g beef mince\n1 tbsp oil\n1 onion, chopped\n1 can tomatoes',
      'Shape the mince into 20 balls. Heat the oil in a large pan. Fry the balls for 5 minutes. Set aside. In the same pan, cook the onion for 5 minutes. Add the tomatoes and simmer for 10 minutes. Return the balls to the pan.',
      ['Set the mince aside on a plate. >plate', 'Put the onion in the large pan.', 'Return the balls to the large pan. >large-pan'],
      null,
    ],
    [
      'the dish came out when its time was up, and is in hand when the recipe says so',
      '2 courgettes\n75 g couscous\n50 g feta',
      'Put the courgettes in a baking dish and bake for 15 minutes. Put the couscous in a bowl and pour over 100 ml boiling water. Take the dish out of the oven. Crumble over the feta.',
      ['Take the baking dish out of the oven and put it on a stand.', 'Crumble the feta over '],
      /^Take the dish out/,
    ],
    [
      'what was drained is served',
      '300 g spaghetti\n1 jar tomato sauce',
      'Heat the sauce in a pan. Cook the spaghetti in a large pan according to the pack. Drain and serve with the sauce.',
      ['Drain the spaghetti.', 'Serve the spaghetti with the sauce.'],
      null,
    ],
  ])('%s', (...one) => check(one));
});

describe('the pan, and what was lifted out of it', () => {
  test.each<Case>([
    [
      'fat is poured off the pan, and what comes next goes in there',
      '4 chicken thighs\n1 tbsp oil\n1 onion, chopped\n250 g rice',
      'Heat the oil in a frying pan and fry the chicken for 8 minutes, then lift onto a plate. Pour off all but 1 tablespoon of the fat. Add the onion and cook for 5 minutes. Stir in the rice and nestle the chicken back in.',
      [
        'Pour off all but 1 tablespoon of the fat. >frying-pan',
        'Add the onion to the frying pan.',
        'Cook the onion for 5 minutes.',
        'Nestle the chicken back into the frying pan.',
      ],
      /onion to the plate/,
    ],
    [
      'what is whisked over a heat cooks on a ring',
      '40 g butter\n40 g flour\n400 ml milk',
      'Put the butter, flour and milk in a saucepan. Whisk over a medium heat until the sauce boils.',
      ['Turn on the hob under the saucepan, medium heat.', 'Whisk the '],
      /^Whisk over/,
    ],
    [
      'what is drained and put in a dish is no dish',
      '1 cauliflower',
      'Break the cauliflower into florets. Boil in a large pan of water for 6 minutes, drain and put in an ovenproof dish.',
      ['Drain the cauliflower.', 'Put the cauliflower in an ovenproof dish.'],
      null,
    ],
    [
      'a pan of water is filled from the tap, and not with the spoonfuls of a sauce',
      '250 g noodles\n3 tbsp hot water\n3 tbsp peanut butter',
      'Bring a big pan of water to a boil. Cook the noodles for 5 minutes and drain. Whisk the peanut butter and the hot water in a bowl.',
      ['Fill the big pan two-thirds with water. >large-pan', 'Put the noodles in the big pan.', 'Pour the hot water into the bowl. >bowl'],
      null,
    ],
    [
      'what is flaked over the top is flaked over what is in hand',
      '2 salmon fillets\n150 g noodles\n1 tsp sesame oil',
      'Bake the salmon in a dish for 12 minutes. Boil the noodles in a pan for 4 minutes. Drain. Toss the noodles with the sesame oil. Flake the salmon over the top.',
      ['Flake the salmon over the top. >saucepan'],
      null,
    ],
    [
      'the flour that was sifted in is folded in, and eggs are beaten in one at a time',
      '100 g butter\n100 g sugar\n2 eggs\n100 g flour',
      'Beat the butter and sugar in a bowl. Beat in the eggs, one at a time. Sift in the flour and fold in gently.',
      ['Beat the eggs into the bowl, one at a time.', 'Sift the flour into the bowl.', 'Fold the flour in gently.'],
      null,
    ],
    [
      'a splash of the milk goes into the mash, and the rest is the sauce’s',
      '1 kg potatoes\n50 g butter\n400 ml milk\n25 g flour',
      'Boil the potatoes in a saucepan for 15 minutes, drain and mash with a splash of milk. Melt the butter in another pan and stir in the flour. Gradually whisk in the milk.',
      ['Mash the potatoes with a splash of milk. >saucepan', 'Whisk the milk gradually into the large saucepan. >large-pan'],
      /Pour the potatoes/,
    ],
    [
      'a plate on top of couscous covers it, and boiling water is poured on it',
      '200 g couscous',
      'Put the couscous in a heatproof bowl, cover with 250 ml boiling water, put a plate on top and leave for 5 minutes. Fluff up with a fork.',
      [
        'Fill the jug to 250 mL with boiling water.',
        'Pour the boiling water into the bowl.',
        'Put a plate on top. >bowl',
        'Take the plate off the bowl, away from your face.',
        'Fluff ',
      ],
      null,
    ],
    [
      'a squeeze of lemon is its juice',
      '4 tbsp yoghurt\nsqueeze of lemon',
      'Mix the yoghurt and lemon in a bowl.',
      ['Put the lemon juice in the bowl.'],
      /Put the lemon in/,
    ],
  ])('%s', (...one) => check(one));
});

describe('lids, film, rolls and cases', () => {
  test.each<Case>([
    [
      'onions that sweat under a lid',
      '25 g butter\n3 leeks\n1 litre stock',
      'Melt the butter in a pan. Add the leeks, cover with a lid and sweat for 10 minutes. Add the stock.',
      ['Cover the pan with a lid.', 'Sweat the leeks for 10 minutes.', 'Take the lid off the pan', 'Add the stock to the pan.'],
      null,
    ],
    [
      'holes in the film, which stays on, and the dish in the microwave',
      '3 apples\n2 tbsp sugar',
      'Put the apples in a microwaveable dish with the sugar. Cover with cling film, make a few holes and cook on high for 4 minutes. Microwave uncovered for 2 minutes.',
      [
        'Cover the dish with cling film.',
        'Make a few holes in the cling film.',
        'Put the dish in the microwave.',
        'Cook the apples on high for 4 minutes.',
        'Uncover the dish, away from your face.',
      ],
      null,
    ],
    [
      'a hand blender goes into no covered pot',
      '1 kg pumpkin\n900 ml stock',
      'Put the pumpkin and stock in a large pan. Bring to the boil, cover and simmer for 20 minutes. Let it cool for 10 minutes, then purée with a hand blender.',
      ['Cover the large pan.', 'Take the lid off the large pan', 'Purée '],
      null,
    ],
    [
      'lids of peppers are no lid of the dish',
      '4 peppers\n150 g couscous',
      'Cut the tops off the peppers. Stand the peppers in a baking dish. Spoon the couscous into the peppers and pop the lids back on. Cover the dish with foil and bake for 30 minutes.',
      ['Put the lids back on.', 'Cover the dish with foil.', 'Put the baking dish in the oven.'],
      /Take the cover off/,
    ],
    [
      'butter on the dough is in the roll',
      '350 g flour\n200 ml milk\n1 sachet yeast\n60 g soft butter\n80 g brown sugar\n2 tsp cinnamon',
      'Mix the flour, yeast and milk to a dough. Knead for 10 minutes. Roll it out. Spread with the butter. Mix the sugar and cinnamon together and sprinkle all over. Roll up tightly. Cut into 9 slices and arrange in a greased tin.',
      ['Sprinkle ', 'Roll the dough up tightly. >board', 'Cut the dough into 9 slices.', 'Arrange the slices in a greased tin. >cake-tin'],
      /Arrange the (?:soft butter|flour)/,
    ],
    [
      'a turnover is called after its pastry, and goes onto the tray',
      '1 sheet puff pastry\n1 apple, grated',
      'Cut the pastry into 4 squares. Put a spoonful of apple in the middle of each square. Fold over into a triangle and press the edges with a fork. Bake for 20 minutes.',
      ['Press the edges of the pastry with a fork.', 'Put the pastry on the baking tray. >tray', 'Bake the pastry for 20 minutes.'],
      null,
    ],
    [
      'batter divided between the cases is in the tin',
      '300 g flour\n2 eggs\n150 ml milk',
      'Put 12 paper cases in a muffin tin. Mix the flour, eggs and milk in a bowl. Divide between the cases. Bake for 18 minutes.',
      ['Divide the mixture between the cases. >muffin-tin', 'Bake the '],
      null,
    ],
    [
      'pastry was a dough before it was rolled out',
      '175 g flour\n75 g butter\n3 tbsp cold water',
      'Rub the butter into the flour. Stir in the water to bring it together into a dough. Chill for 30 minutes.\nRoll out the pastry on a floured surface and use it to line a 23 cm flan tin. Prick the base with a fork.',
      [
        'Roll out the pastry on a floured surface. >board',
        'Lay the pastry in a 23 cm flan tin. >cake-tin',
        'Prick the base with a fork. >cake-tin',
      ],
      null,
    ],
    [
      'the dish is put on a tray, and not its food',
      '500 g mince\n600 g mash',
      'Tip the mince into a baking dish and top with the mash. Put on a baking tray and bake for 25 minutes.',
      ['Put the baking dish on a baking tray.', 'Put the baking dish in the oven.'],
      null,
    ],
  ])('%s', (...one) => check(one));
});

describe('heat, time and raw food', () => {
  test('a sauce that boiled has no raw flour, though cold cheese and mustard came to it', () => {
    const task = build(
      '40 g butter\n40 g flour\n500 ml milk\n1 tsp mustard\n150 g cheddar, grated\n300 g cooked penne',
      'Melt the butter in a pan. Stir in the flour and cook for 1 minute. Whisk in the milk and cook until thickened and smooth. Stir in the mustard and the cheese. Put the penne in a baking dish. Pour the sauce over the penne and mix.',
    );
    expect(step(task, /^Mix .* in the baking dish/).hazards).not.toContain('raw-flour');
    expect(task.steps.some((s) => /^Smooth/.test(s.text))).toBe(false);
  });
  test('an egg that sets for a minute on a lit ring is cooked when it leaves the pan, and raw until then', () => {
    const task = build(
      '2 eggs\n1 tbsp oil',
      'Beat the eggs. Heat the oil in a frying pan. Pour in the egg and leave it to set for 1 minute. Slide it onto a plate, roll it up and cut it into ribbons.',
    );
    expect(step(task, /^Pour the egg/).hazards).toContain('raw-egg');
    expect(step(task, /^Cut the eggs/).hazards).not.toContain('raw-egg');
  });
  test('milk and egg in a yeast dough are not out too long while it rises', () => {
    const method =
      'Mix the flour, yeast, milk and egg to a dough. Knead for 10 minutes. Cover and leave somewhere warm for 2 hours until doubled. Bake for 20 minutes.';
    const codes = (list: string) => dryRun(build(list, method)).map((f) => f.code);
    expect(codes('350 g flour\n1 sachet yeast\n200 ml milk\n1 egg')).not.toContain('out-too-long');
    // the same without yeast, as a sign that the check is awake
    expect(codes('350 g flour\n200 ml milk\n1 egg')).toContain('out-too-long');
  });
  test('meat is looked at where it cooked, though the buns are toasted later', () => {
    const task = build(
      '500 g turkey mince\n4 burger buns\n1 tbsp oil',
      'Shape the mince into 4 burgers. Heat the oil in a frying pan and fry the burgers for 12 minutes. Toast the buns under the grill.',
    );
    const at = (words: RegExp) => task.steps.findIndex((s) => words.test(s.text));
    expect(at(/^Check the turkey mince/)).toBeGreaterThan(at(/^Fry the burgers/));
    expect(at(/^Check the turkey mince/)).toBeLessThan(at(/^Toast the buns/));
  });
  test('milk measured in the jug in which it is beaten is used', () => {
    const task = build('3 eggs\n200 ml milk', 'Beat the eggs and milk together in a jug. Pour into a pan and cook for 3 minutes.');
    expect(dryRun(task).map((f) => f.code)).not.toContain('listed-not-used');
  });
  test('"set the timer" after "put it in the oven" is how long it bakes', () => {
    const task = build(
      '120 g oats\n2 bananas',
      'Mash the bananas and stir in the oats. Put 12 blobs on a tray. Put the tray in the oven. Set the timer for 15 minutes.',
    );
    expect(step(task, /^Bake/).minutes.waiting).toBe(15);
  });
  test('what is ladled out of its pan keeps its amount', () => {
    const task = build(
      '1 cup rice\n4 cups broth',
      'Keep the broth warm in a small saucepan over low heat. Put the rice in a frying pan and stir for 1 minute. Add 1 cup of the broth.',
    );
    expect(step(task, /broth to the frying pan/).text).toMatch(/1 cup/);
  });
});

describe('a line put plainly', () => {
  test.each([
    ['Cut the courgette into slices and the onion into wedges.', 'Cut the courgette into slices. Cut the onion into wedges.'],
    ['Reduce the heat, half cover with a lid and simmer.', 'Reduce the heat. Cover with the lid, leaving a gap. Then and simmer.'],
    ['Simmer, lid on, for 15 minutes.', 'Cover, then Simmer for 15 minutes.'],
    ['Spoon or pipe onto the custard.', 'Spoon onto the custard.'],
    ['Cook the rice: rinse it in a sieve, then boil it.', 'Rinse the rice in a sieve, then boil it.'],
    ['When cooled decorate with icing.', 'When cooled, decorate with icing.'],
    ['When cool enough to handle, peel it.', 'When cool enough to handle, peel it.'],
    ['Divide the rice between bowls and ladle over the stew.', 'Divide the rice between bowls and ladle the stew over.'],
    ['Put on tray and brush tops with milk.', 'Put on a tray and brush the tops with milk.'],
    ['Get a large pan of water boiling. Add the pasta.', 'Bring a large pan of water to the boil. Add the pasta.'],
    ['Let cool in pan 5 minutes.', 'Let cool in a pan 5 minutes.'],
    ['Leave, still covered, for 5 minutes.', 'Cover, then Leave for 5 minutes.'],
    ['Put on oven gloves.', 'Put on oven gloves.'],
    ['Cook for 2 hours, stirring after the first 30 mins.', 'Cook for 30 minutes. Stir. Cook for 90 minutes more.'],
    [
      'Bake for 15 mins, carefully flipping them over with tongs after 8 mins.',
      'Bake for 8 mins. Turn them over with tongs. Bake for 7 mins more.',
    ],
  ])('%s', (said, plain) => expect(plainTurns(said).toLowerCase()).toBe(plain.toLowerCase()));
});
