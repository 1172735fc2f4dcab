<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\NameKey;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\SolidLayer;

/** A list of ingredients is written in the order of the shop; the method says which is laid first. */
final readonly class PourOrder
{
    private const LAYS = '/\b(?:scatter|spread|lay|layer|arrange|sprinkle|spoon|strew|dot|place|put|tip|distribute|divide|cover|line|top)\b[^.]{0,90}\b(?:base|case|shell|crust|pastry|tin|dish|bottom|over|on top|top with|topped|into the|in the|then)\b|\b(?:top|finish|cover)(?: it| this| them)? with\b/iu';

    /** Sentences of the pan and of the bowl lay nothing (judgement). */
    private const COOKS = '/\b(?:fry|saut|sweat|soften|boil|blanch|whisk|beat|roast|simmer)\w*/iu';

    /**
     * Those that the method lays are put in its order, each into a place of one of them; the others stay where they stand.
     *
     * @param  list<Layer>  $layers
     * @param  list<string>  $sentences
     * @return list<Layer>
     */
    public static function of(array $layers, array $sentences, Names $names): array
    {
        $laid = [];
        foreach ($sentences as $number => $sentence) {
            if (preg_match(self::LAYS, $sentence) !== 1 || preg_match(self::COOKS, $sentence) === 1) {
                continue;
            }
            foreach ($names->in(NameKey::words($sentence)) as $found) {
                foreach ($layers as $at => $layer) {
                    if ($layer instanceof SolidLayer && ! isset($laid[$at]) && self::isMeant($layer, $found->key, $found->food->id)) {
                        $laid[$at] = [$number, $found->from];
                    }
                }
            }
        }
        $order = array_keys($laid);
        usort($order, static fn (int $a, int $b): int => $laid[$a] <=> $laid[$b]);
        $places = array_keys($laid);
        sort($places);
        $poured = $layers;
        foreach ($places as $index => $place) {
            $poured[$place] = $layers[$order[$index]];
        }

        return array_values($poured);
    }

    /** "The trout" is the smoked trout of the list. */
    private static function isMeant(SolidLayer $layer, string $key, string $id): bool
    {
        return $layer->food->id === $id || array_diff(explode(' ', $key), NameKey::words($layer->food->name)) === [];
    }
}
