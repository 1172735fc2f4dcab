<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

/** The words cooks have for units, containers, pieces and sizes, each with the one word that the house has for it. */
final readonly class UnitWords
{
    public const MASS = [
        'g' => 'g', 'gr' => 'g', 'gm' => 'g', 'gms' => 'g', 'grs' => 'g', 'gram' => 'g', 'grams' => 'g', 'gramme' => 'g', 'grammes' => 'g',
        'kg' => 'kg', 'kgs' => 'kg', 'kilo' => 'kg', 'kilos' => 'kg', 'kilogram' => 'kg', 'kilograms' => 'kg', 'mg' => 'mg',
        'oz' => 'oz', 'ozs' => 'oz', 'ounce' => 'oz', 'ounces' => 'oz', 'lb' => 'lb', 'lbs' => 'lb', 'pound' => 'lb', 'pounds' => 'lb',
    ];

    public const VOLUME = [
        'ml' => 'ml', 'mls' => 'ml', 'millilitre' => 'ml', 'millilitres' => 'ml', 'milliliter' => 'ml', 'milliliters' => 'ml', 'cc' => 'ml', 'cl' => 'cl', 'dl' => 'dl',
        'l' => 'l', 'lt' => 'l', 'ltr' => 'l', 'litre' => 'l', 'litres' => 'l', 'liter' => 'l', 'liters' => 'l',
        'cup' => 'cup', 'cups' => 'cup', 'cupful' => 'cup', 'cupfuls' => 'cup', 'c' => 'cup', 'pint' => 'pint', 'pints' => 'pint', 'pt' => 'pint', 'quart' => 'quart', 'quarts' => 'quart', 'qt' => 'quart',
        'tbsp' => 'tbsp', 'tbsps' => 'tbsp', 'tbs' => 'tbsp', 'tbl' => 'tbsp', 'tblsp' => 'tbsp', 'tbspn' => 'tbsp', 'tablespoon' => 'tbsp', 'tablespoons' => 'tbsp', 'tablespoonful' => 'tbsp', 'tablespoonfuls' => 'tbsp',
        'tsp' => 'tsp', 'tsps' => 'tsp', 'teaspoon' => 'tsp', 'teaspoons' => 'tsp', 'teaspoonful' => 'tsp', 'teaspoonfuls' => 'tsp',
        'dsp' => 'dsp', 'dessertspoon' => 'dsp', 'dessertspoons' => 'dsp', 'dessertspoonful' => 'dsp', 'floz' => 'fl oz',
    ];

    /** What stands for a volume that nobody measures. */
    public const LOOSE = [
        'pinch' => 'pinch', 'pinches' => 'pinch', 'dash' => 'dash', 'dashes' => 'dash', 'smidgen' => 'pinch', 'splash' => 'splash', 'splashes' => 'splash', 'drizzle' => 'drizzle', 'glug' => 'glug', 'glugs' => 'glug',
        'slug' => 'glug', 'handful' => 'handful', 'handfuls' => 'handful', 'fistful' => 'handful', 'spoon' => 'spoon', 'spoons' => 'spoon', 'spoonful' => 'spoon', 'spoonfuls' => 'spoon', 'dollop' => 'spoon', 'dollops' => 'spoon',
        'ladle' => 'ladle', 'ladles' => 'ladle', 'ladleful' => 'ladle', 'squeeze' => 'squeeze', 'squeezes' => 'squeeze', 'squirt' => 'squeeze', 'drop' => 'drop', 'drops' => 'drop', 'grating' => 'pinch', 'gratings' => 'pinch',
        'grind' => 'pinch', 'grinds' => 'pinch', 'grinding' => 'pinch', 'scraping' => 'pinch', 'scrape' => 'pinch', 'sprinkle' => 'sprinkle', 'sprinkling' => 'sprinkle', 'scattering' => 'sprinkle', 'teacup' => 'teacup', 'teacups' => 'teacup',
        'mug' => 'mug', 'mugs' => 'mug', 'glass' => 'glass', 'glasses' => 'glass', 'knob' => 'knob', 'knobs' => 'knob', 'nut' => 'nut', 'lump' => 'knob', 'cupped' => 'handful',
    ];

    /** Containers and pieces; what each holds is a matter of the food. */
    public const COUNT = [
        'tin' => 'tin', 'tins' => 'tin', 'can' => 'tin', 'cans' => 'tin', 'jar' => 'jar', 'jars' => 'jar', 'pack' => 'pack', 'packs' => 'pack', 'packet' => 'pack', 'packets' => 'pack', 'package' => 'pack', 'packages' => 'pack', 'pkt' => 'pack', 'pkg' => 'pack',
        'box' => 'pack', 'punnet' => 'punnet', 'punnets' => 'punnet', 'bag' => 'bag', 'bags' => 'bag', 'tub' => 'tub', 'tubs' => 'tub', 'pot' => 'tub', 'pots' => 'tub', 'carton' => 'carton', 'cartons' => 'carton', 'bottle' => 'bottle', 'bottles' => 'bottle',
        'block' => 'block', 'blocks' => 'block', 'ball' => 'ball', 'balls' => 'ball', 'log' => 'log', 'logs' => 'log', 'stick' => 'stick', 'sticks' => 'stick', 'stalk' => 'stick', 'stalks' => 'stick', 'rib' => 'stick', 'ribs' => 'stick',
        'clove' => 'clove', 'cloves' => 'clove', 'slice' => 'slice', 'slices' => 'slice', 'rasher' => 'rasher', 'rashers' => 'rasher', 'strip' => 'rasher', 'strips' => 'rasher', 'sheet' => 'sheet', 'sheets' => 'sheet', 'sprig' => 'sprig', 'sprigs' => 'sprig', 'stem' => 'sprig', 'stems' => 'sprig',
        'bunch' => 'bunch', 'bunches' => 'bunch', 'leaf' => 'leaf', 'leaves' => 'leaf', 'head' => 'head', 'heads' => 'head', 'bulb' => 'bulb', 'bulbs' => 'bulb', 'cob' => 'cob', 'cobs' => 'cob', 'ear' => 'cob', 'ears' => 'cob', 'spear' => 'spear', 'spears' => 'spear',
        'fillet' => 'fillet', 'fillets' => 'fillet', 'filet' => 'fillet', 'filets' => 'fillet', 'breast' => 'breast', 'breasts' => 'breast', 'thigh' => 'thigh', 'thighs' => 'thigh', 'floret' => 'floret', 'florets' => 'floret', 'wedge' => 'wedge', 'wedges' => 'wedge',
        'roll' => 'sheet', 'rolls' => 'sheet', 'round' => 'round', 'rounds' => 'round', 'piece' => 'piece', 'pieces' => 'piece', 'cube' => 'cube', 'cubes' => 'cube', 'sachet' => 'sachet', 'sachets' => 'sachet', 'link' => 'sausage', 'links' => 'sausage', 'sausage' => 'sausage', 'sausages' => 'sausage',
        'egg' => 'egg', 'eggs' => 'egg', 'yolk' => 'yolk', 'yolks' => 'yolk', 'white' => 'white', 'whites' => 'white',
    ];

    /** What food is sold in: "a 400 g tin". */
    public const PACKAGES = ['tin', 'jar', 'pack', 'bag', 'tub', 'carton', 'bottle', 'block', 'ball', 'log', 'punnet', 'sachet', 'sheet'];

    public const SIZES = [
        'small' => 'small', 'little' => 'small', 'baby' => 'small', 'thin' => 'small', 'medium' => 'medium', 'medium-sized' => 'medium', 'average' => 'medium', 'regular' => 'medium', 'standard' => 'medium',
        'large' => 'large', 'big' => 'large', 'fat' => 'large', 'thick' => 'large', 'jumbo' => 'extra large', 'xl' => 'extra large', 'huge' => 'extra large', 'lg' => 'large', 'med' => 'medium', 'sm' => 'small', 'tiny' => 'small',
    ];

    /** How full a measure is: most likely, least and most of a level one (judgement). */
    public const FULLNESS = [
        'heaped' => [1.75, 1.4, 2.3], 'heaping' => [1.75, 1.4, 2.3], 'rounded' => [1.35, 1.15, 1.6], 'level' => [1.0, 1.0, 1.0], 'scant' => [0.9, 0.8, 0.97], 'generous' => [1.15, 1.03, 1.35], 'good' => [1.12, 1.0, 1.3],
        'full' => [1.05, 1.0, 1.15], 'packed' => [1.25, 1.05, 1.5], 'firmly' => [1.0, 1.0, 1.0], 'lightly' => [0.95, 0.85, 1.05], 'loosely' => [0.9, 0.75, 1.05], 'heavy' => [1.15, 1.0, 1.3], 'brimming' => [1.1, 1.0, 1.2], 'flat' => [1.0, 1.0, 1.0], 'whole' => [1.0, 1.0, 1.0],
    ];

    /** The house's word for a unit of mass or volume, a loose measure, a container or a piece; null for any other word. */
    public static function unit(Token $token): ?string
    {
        if ($token->raw === 'T' || $token->raw === 'Tb') {
            return 'tbsp';
        }
        if ($token->raw === 't') {
            return 'tsp';
        }

        return self::MASS[$token->text] ?? self::VOLUME[$token->text] ?? self::LOOSE[$token->text] ?? self::COUNT[$token->text] ?? null;
    }

    public static function isMass(string $unit): bool
    {
        return in_array($unit, self::MASS, true);
    }

    public static function isVolume(string $unit): bool
    {
        return in_array($unit, self::VOLUME, true);
    }

    public static function isLoose(string $unit): bool
    {
        return in_array($unit, self::LOOSE, true);
    }
}
