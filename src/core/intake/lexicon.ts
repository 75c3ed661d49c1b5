/** What a line of a recipe can become in a plan. */
export type Role = 'cut' | 'garnish' | 'liquid' | 'herb' | 'spice' | 'fat' | 'salt' | 'paste' | 'flour';

export interface Meaning {
  readonly kind: Role;
  /** Id in the larder; empty for salt, paste and flour, of which there is one. */
  readonly id: string;
  /** What one of it weighs, kg, where it is counted; usual sizes, good to a third. */
  readonly eachKg?: number;
  /** What a litre of it weighs cut up, kg, where it comes by the cup. */
  readonly kgPerL?: number;
}

type Entry = readonly [pattern: RegExp, meaning: Meaning];

const cut = (pattern: RegExp, id: string, eachKg?: number): Entry => [
  pattern,
  { kind: 'cut', id, ...(eachKg === undefined ? {} : { eachKg }) },
];
const garnish = (pattern: RegExp, id: string, eachKg: number, kgPerL = 0.55): Entry => [
  pattern,
  { kind: 'garnish', id, eachKg, kgPerL },
];
const named = (kind: 'liquid' | 'herb' | 'spice' | 'fat', pattern: RegExp, id: string): Entry => [
  pattern,
  { kind, id },
];

/** Cut small in the recipe's words. */
const CUBED = /\b(cubes?|cubed|diced?|chunks?|stew(?:ing)?|bite[- ]size|pieces)\b/;

/** Meat first named by its whole name; a line that says it is cut up becomes cubes where the larder has them. */
const MEAT: readonly (readonly [pattern: RegExp, whole: string, eachKg: number, cubes?: string])[] = [
  [/\box[- ]?tails?\b/, 'beef_oxtail', 0.17],
  [/\b(?:flanken|cross[- ]cut (?:beef )?(?:short )?ribs?|short ribs?,? cross[- ]cut)\b/, 'beef_short_rib_cross', 0.25],
  [/\bshort ribs?\b/, 'beef_short_rib_english', 0.3],
  [/\bveal (?:shanks?|shins?)\b|\bosso ?buc[co]o\b/, 'veal_shank', 0.35],
  [/\bveal cheeks?\b/, 'veal_cheek', 0.25],
  [/\bveal breast\b|\bbreast of veal\b/, 'veal_breast', 2],
  [/\blamb shanks?\b/, 'lamb_shank', 0.4],
  [/\b(?:pork|ham) (?:hocks?|knuckles?|shanks?)\b/, 'pork_hock', 0.7],
  [/\bvenison shanks?\b/, 'venison_shank', 0.6],
  [/\b(?:beef )?(?:shin|shanks?) (?:of )?(?:beef)?|\bbeef (?:shin|shanks?)\b/, 'beef_shank_cross', 0.4],
  [/\bpork cheeks?\b|\bpig'?s? cheeks?\b/, 'pork_cheek', 0.12],
  [/\b(?:beef|ox) cheeks?\b/, 'beef_cheek', 0.35],
  [/\bbrisket flat\b|\bflat[- ]cut brisket\b/, 'beef_brisket_flat', 1.8],
  [/\bbrisket\b/, 'beef_brisket_point', 1.8],
  [/\b(?:feather ?blade|flat iron|top blade)\b/, 'beef_feather_blade', 0.8],
  [/\b(?:skirt)\b/, 'beef_skirt', 0.4],
  [/\bflank\b/, 'beef_flank', 0.9],
  [/\b(?:topside|silverside|(?:beef|bottom|top|eye of)(?: the)? round|rump roast)\b/, 'beef_round', 1.5],
  [
    /\b(?:chuck|pot roast|blade roast|braising (?:steak|beef)|stew(?:ing)? (?:beef|steak|meat)|beef (?:stew|shoulder|for stewing))\b/,
    'beef_chuck_roast',
    1.5,
    'beef_chuck_cubes',
  ],
  [/(?<!cured )\bpork belly\b/, 'pork_belly', 1],
  [/\bpork (?:neck|collar)\b/, 'pork_neck', 1.5],
  [/\b(?:pork )?spare ?ribs?\b/, 'pork_spare_rib', 0.1],
  [/\b(?:pig'?s? (?:trotters?|feet|foot)|pork trotters?|trotters?)\b/, 'pork_trotter', 0.4],
  [/\b(?:pork (?:shoulder|butt)|boston butt)\b/, 'pork_shoulder', 1.8, 'pork_shoulder_cubes'],
  [/\blamb neck\b|\bneck of lamb\b/, 'lamb_neck', 0.2],
  [/\blamb breast\b|\bbreast of lamb\b/, 'lamb_breast', 0.9],
  [/\b(?:lamb (?:shoulder|stew)|shoulder of lamb|diced lamb)\b/, 'lamb_shoulder', 1.8, 'lamb_shoulder_cubes'],
  [/\bmutton\b/, 'mutton_shoulder_cubes', 1],
  [/\b(?:goat|kid)\b/, 'goat_shoulder', 0.3],
  [/\bvenison\b/, 'venison_shoulder', 1],
  [/\bduck legs?\b/, 'duck_leg', 0.22],
  [/\bturkey (?:thighs?|legs?)\b/, 'turkey_thigh', 0.6],
  [/\bchicken thighs?\b/, 'chicken_thigh', 0.16],
  [/\bchicken (?:whole )?(?:legs?|quarters?)\b/, 'chicken_leg', 0.3],
  [/\b(?:old |boiling |stewing )(?:hen|fowl|chicken)\b/, 'chicken_old_hen', 0.3],
  [/\brabbit\b/, 'rabbit_leg', 0.2],
];

/** Everything else, the more special wording before the more general. Usual weights of one. */
const REST: readonly Entry[] = [
  [/\b(?:tomato (?:paste|pur[eé]e)|concentrated tomato)\b/, { kind: 'paste', id: '', kgPerL: 1.1 }],
  named('liquid', /\b(?:passata|tomato sauce|sieved tomato(?:es)?|crushed tomatoes)\b/, 'passata'),
  named('liquid', /\b(?:canned|tinned|can of|tin of|chopped|diced|plum|whole peeled) tomato(?:es)?\b/, 'cannedTomato'),
  garnish(/\bpreserved lemons?\b/, 'preservedLemon', 0.06),
  named('herb', /\b(?:orange (?:peel|zest|rind))\b/, 'orangePeel'),
  named('herb', /\b(?:lemon (?:peel|zest|rind))\b/, 'lemonPeel'),
  named('liquid', /\blemon juice\b|\bjuice of (?:a|one|half a|\d+) lemons?\b/, 'lemonJuice'),
  named('liquid', /\borange juice\b/, 'orangeJuice'),
  named('liquid', /\bapple juice\b/, 'appleJuice'),
  named('liquid', /\bgrape juice\b/, 'grapeJuice'),
  named('liquid', /\bred wine vinegar\b|\bvinegar\b/, 'vinegar'),
  named('liquid', /\b(?:port|madeira|marsala|sherry|vermouth|fortified wine)\b/, 'fortifiedWine'),
  named('liquid', /\b(?:rice wine|shaoxing|sake|mirin)\b/, 'riceWine'),
  named('liquid', /\bwhite wine\b/, 'whiteWine'),
  named('liquid', /\b(?:red wine|wine)\b/, 'redWine'),
  named('liquid', /\b(?:stout|porter)\b/, 'stout'),
  named('liquid', /\b(?:ale|beer|lager)\b/, 'darkAle'),
  named('liquid', /\b(?:hard |dry )?cider\b/, 'cider'),
  named(
    'liquid',
    /\b(?:unsalted|homemade|home-made|no[- ]salt(?:[- ]added)?)\b.*\b(?:stock|broth)\b|\b(?:stock|broth)\b.*\bunsalted\b/,
    'stockUnsalted',
  ),
  named(
    'liquid',
    /\b(?:low|reduced)[- ](?:salt|sodium)\b.*\b(?:stock|broth)\b|\b(?:stock|broth)\b.*\blow[- ](?:salt|sodium)\b/,
    'stockLowSalt',
  ),
  named(
    'liquid',
    /\b(?:stock|bouillon) (?:cubes?|paste|concentrate|powder)\b|\bstock from a cube\b/,
    'stockConcentrate',
  ),
  named('liquid', /\b(?:stock|broth|bouillon)\b/, 'stockReady'),
  named('liquid', /\bcoconut milk\b/, 'coconutMilk'),
  named('liquid', /\bmilk\b/, 'milk'),
  named('liquid', /\b(?:soy sauce|tamari)\b/, 'soySauce'),
  named('liquid', /\bfish sauce\b/, 'fishSauce'),
  [/\bsalt\b(?! pork)(?!ed)/, { kind: 'salt', id: '', kgPerL: 1.2 }],
  [/\b(?:flour|corn ?starch|corn ?flour|arrowroot)\b/, { kind: 'flour', id: '', kgPerL: 0.53 }],
  named('fat', /\bclarified butter\b|\bghee\b/, 'clarified'),
  named('fat', /\bbutter (?:with|and) oil\b|\boil and butter\b/, 'butterAndOil'),
  named('fat', /\bduck fat\b|\bgoose fat\b/, 'duckFat'),
  named('fat', /\bdripping\b|\btallow\b/, 'dripping'),
  named('fat', /\blard\b/, 'lard'),
  named('fat', /\bbutter\b(?! ?beans)/, 'butter'),
  named('fat', /\bolive oil\b/, 'olive'),
  named('fat', /\boil\b/, 'neutral'),
  named('herb', /\bbay\b/, 'bay'),
  named('herb', /\bthyme\b/, 'thyme'),
  named('herb', /\brosemary\b/, 'rosemary'),
  named('herb', /\bsage\b/, 'sage'),
  named('herb', /\bparsley (?:stems|stalks)\b/, 'parsleyStems'),
  named('herb', /\bparsley\b/, 'parsley'),
  named('spice', /\bcoriander seeds?\b|\bground coriander\b/, 'corianderSeed'),
  named('herb', /\b(?:cilantro|coriander)\b/, 'coriander'),
  named('herb', /\bdill\b/, 'dill'),
  named('herb', /\bpeppercorns?\b/, 'peppercorn'),
  named('spice', /\bsmoked paprika\b|\bpiment[oó]n\b/, 'smokedPaprika'),
  named('spice', /\bpaprika\b/, 'paprika'),
  named('spice', /\bcumin\b/, 'cumin'),
  named('spice', /\bcaraway\b/, 'caraway'),
  named('spice', /\bground ginger\b|\bginger,? (?:powder|ground)\b/, 'gingerGround'),
  named('spice', /\bturmeric\b/, 'turmeric'),
  named('spice', /\b(?:garam masala|ras el hanout|curry powder|(?:mixed|warm) spice)\b/, 'warmMix'),
  named('spice', /\b(?:black |ground |white )pepper\b|^pepper\b|\bfreshly ground\b/, 'blackPepper'),
  named('herb', /\ballspice\b/, 'allspice'),
  named('herb', /\bjuniper\b/, 'juniper'),
  named('herb', /\bstar anise\b/, 'starAnise'),
  named('herb', /\bcinnamon\b/, 'cinnamon'),
  garnish(/\bgarlic\b/, 'garlic', 0.005),
  named('herb', /\bcloves?\b/, 'clove'),
  named('herb', /\b(?:parmesan|cheese) rind\b/, 'cheeseRind'),
  garnish(/\bshallots?\b/, 'shallot', 0.03),
  garnish(/\b(?:pearl |button )?onions?\b/, 'onion', 0.15),
  garnish(/\bleeks?\b/, 'leek', 0.2),
  garnish(/\bcarrots?\b/, 'carrot', 0.08),
  garnish(/\bceleriac\b|\bcelery root\b/, 'celeriac', 0.6),
  garnish(/\bcelery\b/, 'celery', 0.05),
  garnish(/\bfennel\b/, 'fennel', 0.25),
  garnish(/\bginger\b/, 'ginger', 0.02),
  garnish(/\b(?:chill?i(?:es|s)?|chile|jalape[nñ]os?)\b/, 'chilli', 0.015),
  garnish(/\b(?:bell |red |green |sweet |yellow )peppers?\b/, 'pepper', 0.16),
  garnish(/\btomato(?:es)?\b/, 'freshTomato', 0.12),
  garnish(/\bmushrooms?\b/, 'mushroom', 0.02, 0.3),
  garnish(/\bpotato(?:es)?\b/, 'potato', 0.15),
  garnish(/\bparsnips?\b/, 'parsnip', 0.12),
  garnish(/\b(?:turnips?|swedes?|rutabagas?)\b/, 'turnip', 0.15),
  garnish(/\b(?:green|string|french|runner) beans\b/, 'greenBeans', 0.006),
  garnish(/\blentils?\b/, 'lentils', 0, 0.85),
  garnish(
    /\b(?:canned|tinned|cooked|soaked|cans? of|tins? of)\b.*\bbeans\b|\bbeans\b.*\b(?:soaked|canned|drained)\b/,
    'beansSoaked',
    0,
    0.75,
  ),
  garnish(/\b(?:beans|chickpeas)\b/, 'beansDry', 0, 0.8),
  garnish(/\bpearl barley\b|\bbarley\b/, 'barley', 0, 0.8),
  garnish(/\brice\b/, 'rice', 0, 0.85),
  garnish(/\bprunes?\b/, 'prune', 0.009, 0.7),
  garnish(/\bapricots?\b/, 'apricot', 0.008, 0.65),
  garnish(/\bolives?\b/, 'olives', 0.004, 0.65),
  garnish(/\bcapers?\b/, 'capers', 0.001, 0.6),
  garnish(/\banchov(?:y|ies)\b/, 'anchovy', 0.004),
  garnish(/\bmustard\b/, 'mustard', 0, 1.05),
  garnish(/\bsugar\b/, 'sugar', 0, 0.85),
  garnish(/\bhoney\b/, 'honey', 0, 1.4),
  garnish(/\b(?:bacon|pancetta|lardons?|guanciale|salt pork|cured pork belly)\b/, 'curedPork', 0.025),
  named('liquid', /\bwater\b/, 'water'),
];

/** What the words of an ingredient mean; undefined where the larder has nothing like it. */
export function meaningOf(words: string): Meaning | undefined {
  const text = words.toLowerCase();
  // Stock made of meat is no meat.
  if (!/\b(?:stock|broth|bouillon)\b/.test(text)) {
    for (const [pattern, whole, eachKg, cubes] of MEAT) {
      if (!pattern.test(text)) continue;
      return cubes !== undefined && CUBED.test(text) ? { kind: 'cut', id: cubes } : cut(pattern, whole, eachKg)[1];
    }
  }
  return REST.find(([pattern]) => pattern.test(text))?.[1];
}
