<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** What colour a food has in a section: the drawing asks for it, no rule of the trade does. */
enum Tint: string
{
    case Custard = 'custard';
    case Greens = 'greens';
    case Fish = 'fish';
    case Roots = 'roots';
    case White = 'white';
    case Meat = 'meat';
    case Nuts = 'nuts';
    case Tomato = 'tomato';
    case Beetroot = 'beetroot';
    case Cheese = 'cheese';

    /** What is neither told by its family nor by what it is made of (common practice, no source). */
    private const OF = [
        'roots' => ['carrots', 'pumpkin', 'butternut', 'sweet-potatoes', 'swede', 'pumpkin-puree', 'dried-apricots', 'sweetcorn', 'tinned-sweetcorn', 'yellow-pepper', 'pineapple', 'ginger', 'split-peas', 'vegetable-mix', 'hummus'],
        'tomato' => ['tomatoes', 'cherry-tomatoes', 'tinned-tomatoes', 'sun-dried-tomatoes', 'red-pepper', 'roasted-peppers', 'chilli', 'passata', 'baked-beans', 'kidney-beans', 'nduja', 'pomegranate'],
        'beetroot' => ['beetroot', 'cooked-beetroot', 'red-cabbage', 'cranberries', 'cranberry-sauce', 'plums', 'figs', 'redcurrant-jelly', 'red-onions', 'red-wine'],
        'white' => ['onions', 'shallots', 'garlic', 'white-cabbage', 'cauliflower', 'fennel', 'celeriac', 'parsnips', 'turnip', 'potatoes', 'cooked-potatoes', 'mashed-potato', 'jerusalem-artichokes', 'kohlrabi', 'chicory', 'bean-sprouts', 'sauerkraut', 'palm-hearts', 'artichoke-hearts', 'apples', 'pears', 'quince', 'plantain', 'lemons', 'boiled-egg', 'firm-tofu', 'cooked-rice', 'cooked-pasta', 'coconut', 'white-beans', 'pickled-onions', 'suet', 'lard', 'herb-cheese'],
        'nuts' => ['mushrooms', 'dried-porcini', 'aubergine', 'prunes', 'raisins', 'dates', 'chutney', 'croutons', 'soya-mince'],
        'greens' => ['grapes', 'avocado', 'pesto', 'olive-paste', 'olives', 'capers', 'gherkins'],
        'custard' => ['butter', 'unsalted-butter', 'olive-oil', 'sunflower-oil', 'ghee', 'margarine', 'duck-fat', 'coconut-oil'],
    ];

    /** Cheese with less water is deep yellow and shaved, %; cured meat with more salt is pink, % (judgement). */
    private const HARD_CHEESE_WATER = 46.0;

    private const CURED_SALT = 1.7;

    public static function of(Food $food): self
    {
        foreach (self::OF as $tint => $ids) {
            if (in_array($food->id, $ids, true)) {
                return self::from($tint);
            }
        }

        return match (true) {
            $food->isCheese() => $food->per100g->water < self::HARD_CHEESE_WATER ? self::Cheese : self::White,
            $food->isFlesh() => self::isPink($food) ? self::Fish : self::Meat,
            $food->role === Role::Egg, $food->role === Role::Dairy, $food->role === Role::Liquid => self::Custard,
            $food->role === Role::Binder => self::Nuts,
            $food->texture === Texture::Strands, Pantry::family($food->id) === 'vegetables' => self::Greens,
            Pantry::family($food->id) === 'dry goods' => self::Nuts,
            default => self::Roots,
        };
    }

    private static function isPink(Food $food): bool
    {
        return array_filter($food->allergens, static fn (Allergen $one): bool => in_array($one, [Allergen::Fish, Allergen::Crustaceans, Allergen::Molluscs], true)) !== [] || $food->per100g->salt >= self::CURED_SALT;
    }
}
