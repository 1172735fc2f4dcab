<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\Role;

/** Says of each food that is named where it goes: into the dough, the custard, the seasoning, a layer, or beside the pie. */
final readonly class Placing
{
    private const BESIDE = '/\b(?:for (?:greasing|dusting|rolling|the (?:tin|dish|board)|the work ?surface|sprinkling the board|serving)|to (?:serve|garnish|grease|dust|accompany)|to grease|garnish|optional garnish)\b/iu';

    private const GLAZE = '/\b(?:to glaze|for glazing|glaze|for brushing|to brush|egg ?wash|to seal)\b/iu';

    private const DOUGH_HEADING = '/\b(?:pastry|crust|dough|shell|case|base)\b/u';

    private const GLAZE_HEADING = '/\b(?:glaze|to finish)\b/u';

    /** A dough without a heading: so much flour, so little egg in it, g (judgement). */
    private const FLOUR_GRAMS = 90.0;

    private const EGG_GRAMS = 60.0;

    private const FLOURS = ['flour', 'wholemeal-flour', 'gluten-free-flour'];

    private const OF_A_DOUGH = ['butter', 'unsalted-butter', 'lard', 'margarine', 'suet', 'olive-oil', 'sunflower-oil', 'ghee', 'coconut-oil', 'duck-fat', 'water', 'salt', 'sea-salt', 'sugar', 'wine-vinegar', 'egg-yolk', 'egg', 'whole-milk', 'paprika', 'mustard-powder', 'cream-cheese', 'soured-cream'];

    private const FATS = ['butter', 'unsalted-butter', 'lard', 'margarine', 'suet', 'olive-oil', 'sunflower-oil', 'ghee', 'coconut-oil', 'duck-fat', 'cream-cheese'];

    /**
     * @param  list<RecipeLine>  $lines
     * @return list<RecipeLine>
     */
    public static function of(array $lines): array
    {
        $lines = array_map(static fn (RecipeLine $line): RecipeLine => $line->naming(array_map(static fn (NamedAmount $one): NamedAmount => $one->at(self::place($one, $line)), $line->named), $line->kind), $lines);

        return self::doughs($lines);
    }

    private static function place(NamedAmount $one, RecipeLine $line): Into
    {
        return match (true) {
            $one->food->role === Role::Dough => Into::Dough,
            preg_match(self::BESIDE, $line->text) === 1 => Into::Beside,
            preg_match(self::GLAZE, $line->text) === 1, preg_match(self::GLAZE_HEADING, $line->heading) === 1 && in_array($one->food->role, [Role::Egg, Role::Dairy], true) => Into::Glaze,
            preg_match(self::DOUGH_HEADING, $line->heading) === 1 && in_array($one->food->id, [...self::FLOURS, ...self::OF_A_DOUGH, 'yoghurt', 'strained-yoghurt', 'cheddar', 'parmesan', 'thyme', 'polenta', 'semolina', 'ground-almonds', 'rice-flour', 'cornflour'], true) => Into::Dough,
            $one->food->role === Role::Seasoning => Into::Seasoning,
            $one->food->role === Role::Egg, $one->food->role === Role::Dairy, $one->food->role === Role::Liquid => Into::Custard,
            $one->food->role === Role::Binder => in_array($one->food->id, [...self::FLOURS, 'cornflour', 'rice-flour'], true) ? Into::Sauce : Into::Scattered,
            default => Into::Layer,
        };
    }

    /**
     * Flour with a fat beside it, and what stands next to them, are a dough, heading or not.
     *
     * @param  list<RecipeLine>  $lines
     * @return list<RecipeLine>
     */
    private static function doughs(array $lines): array
    {
        foreach ($lines as $index => $line) {
            $first = $line->named[0] ?? null;
            if ($first === null || $first->into !== Into::Sauce || ! in_array($first->food->id, self::FLOURS, true) || $first->entry->value < self::FLOUR_GRAMS) {
                continue;
            }
            if (preg_match(self::DOUGH_HEADING, $line->heading) === 1) {
                continue;
            }
            $ends = [self::end(array_values($lines), $index, -1), self::end(array_values($lines), $index, 1)];
            $of = array_slice($lines, $ends[0], $ends[1] - $ends[0] + 1, true);
            if (array_filter($of, static fn (RecipeLine $one): bool => in_array($one->named[0]->food->id ?? '', self::FATS, true)) === []) {
                continue;
            }
            foreach (array_keys($of) as $at) {
                $lines[$at] = $lines[$at]->naming(array_map(static fn (NamedAmount $one): NamedAmount => $one->at(Into::Dough), $lines[$at]->named), $lines[$at]->kind);
            }
        }

        return array_values($lines);
    }

    /** @param  list<RecipeLine>  $lines */
    private static function end(array $lines, int $from, int $step): int
    {
        $at = $from;
        for ($next = $from + $step; isset($lines[$next]) && $lines[$next]->kind === LineKind::Ingredient && $lines[$next]->named !== []; $next += $step) {
            $one = $lines[$next]->named[0];
            if (! in_array($one->food->id, self::OF_A_DOUGH, true) || ($one->food->id === 'egg' && ($one->entry->value > self::EGG_GRAMS || $step < 0))
                || ($one->food->role === Role::Dairy && $one->entry->value > self::EGG_GRAMS && $one->food->id !== 'cream-cheese' && $one->food->id !== 'soured-cream')) {
                break;
            }
            $at = $next;
        }

        return $at;
    }
}
