<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * Whether a food that nobody said it of has to be cooked through: it is raw flesh, egg or raw milk, or may be. Only what cannot be any
 * of them by its name, its role and its packet may be eaten as it is.
 */
final readonly class MayBeRaw
{
    /** It says so itself, in a few tongues. */
    private const SAYS_RAW = '/(?<![\p{L}])(?:raw|uncooked|unpasteuri[sz]ed|tartar|tartare|carpaccio|ceviche|sashimi|mett|crudo|roh\p{L}*|crud[oa]s?|cru|crue|rare)(?![\p{L}])/iu';

    /** Beginnings of names of flesh and egg, in a few tongues (common practice, no source). */
    private const FLESH = '/(?<![\p{L}])(?:chicken|hen|cockerel|poussin|poultry|turkey|duck|goose|guinea|pigeon|quail|pheasant|partridge|grouse|ostrich|game|beef|veal|steak|mince|ground|burger|patt(?:y|ies)|pork|bacon|gammon|ham|lardon|pancetta|sausage|chorizo|merguez|boerewors|bratwurst|lamb|mutton|hogget|goat|kid|venison|boar|rabbit|hare|kangaroo|horse|bison|offal|liver|kidney|heart|tongue|tripe|sweetbread|giblet|meat|fish|salmon|trout|cod|haddock|hake|pollock|mackerel|herring|sardine|tuna|bass|bream|sole|plaice|halibut|monkfish|eel|roe|caviar|prawn|shrimp|crab|lobster|langoustine|crayfish|mussel|clam|oyster|scallop|cockle|whelk|squid|octopus|cuttlefish|snail|frog|egg|yolk|huhn|hähnchen|pute|ente|gans|rind|schwein|kalb|hack|speck|wurst|fisch|lachs|pollo|pavo|pato|cerdo|ternera|cordero|carne|pescado|gambas|huevo|poulet|canard|dinde|bœuf|boeuf|porc|veau|agneau|viande|poisson|œuf|oeuf)\p{L}*/iu';

    /** It was made safe before it was sold, as its name says. */
    private const COOKED = '/(?<![\p{L}])(?:cooked|pre-?cooked|roast(?:ed)?|boiled|poached|fried|grilled|smoked|tinned|canned|cured|dried|air-dried|pasteuri[sz]ed|pickled|jarred|salami|corned|confit|baked|steamed)(?![\p{L}])/iu';

    /** g in 100 g: with less protein it is no flesh, with so much fibre or carbohydrate it is a plant (judgement). */
    private const FLESH_PROTEIN = 5.0;

    private const PLANT_FIBRE = 3.0;

    private const PLANT_CARBOHYDRATE = 25.0;

    /** Allergens that only flesh, egg and milk bring. */
    private const OF_ANIMALS = [Allergen::Crustaceans, Allergen::Egg, Allergen::Fish, Allergen::Molluscs];

    /** Of a packet that does not say it. */
    public static function packet(FoodLabel $label): bool
    {
        $isOfAnimals = array_filter($label->allergens, static fn (Allergen $one): bool => in_array($one, self::OF_ANIMALS, true)) !== [];
        $mayBeFlesh = $label->role === Role::Solid && $label->protein >= self::FLESH_PROTEIN && $label->fibre < self::PLANT_FIBRE && $label->carbohydrate < self::PLANT_CARBOHYDRATE;

        return $label->role === Role::Egg || $label->role === Role::Dairy || in_array(Allergen::Milk, $label->allergens, true) && $label->role === Role::Solid
            || $isOfAnimals || $mayBeFlesh || self::named($label->name);
    }

    /** By its name alone: flesh, and no word that it was made safe. */
    public static function named(string $name): bool
    {
        return self::saysRaw($name) || preg_match(self::FLESH, $name) === 1 && preg_match(self::COOKED, $name) !== 1;
    }

    public static function saysRaw(string $name): bool
    {
        return preg_match(self::SAYS_RAW, $name) === 1;
    }
}
