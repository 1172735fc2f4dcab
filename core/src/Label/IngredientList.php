<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergenName;
use Hojaldre\Core\Food\AllergensKnown;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pastry\Dough\DoughPart;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pie\Pie;

/** What is in a pie, as a label lists it: each food once, in falling order of the weight it had when it was used. */
final readonly class IngredientList
{
    /** @param  list<LabelLine>  $lines */
    private function __construct(public array $lines)
    {
    }

    /** @param  Formula|null  $dough  of the dough of this pie; null where it is bought */
    public static function of(Pie $pie, ?Formula $dough): self
    {
        $crust = $pie->crust;
        $used = [];
        foreach ($pie->ingredients() as $one) {
            // two foods of one id are two, where their names or allergens are
            $key = $one->food->id.'|'.$one->food->name.'|'.implode(',', array_column($one->food->allergens, 'value'));
            $used[$key] = [$one->food, ($used[$key][1] ?? 0.0) + $one->grams()];
        }
        $glaze = $crust->lid?->glaze;
        $lines = array_map(static fn (array $one): LabelLine => LabelLine::of($one[0], $one[1]), array_filter($used, static fn (array $one): bool => $one[1] > 0));
        $glazed = $glaze?->food() === null ? [] : [new LabelLine('Glaze', Glaze::gramsOn($pie->tin), [], [LabelLine::of(Pantry::food($glaze->food()), 1.0)])];

        return new self(LabelLine::falling([self::pastry($crust->dough, $crust->grams($pie->tin), $dough), ...array_values($lines), ...$glazed]));
    }

    private static function pastry(Food $dough, float $grams, ?Formula $formula): LabelLine
    {
        if ($formula === null) {
            return LabelLine::of($dough, $grams);
        }
        $share = $grams / $formula->totalPercent();
        $parts = array_map(static fn (DoughPart $one): LabelLine => LabelLine::of($one->food, $one->percent * $share), $formula->parts());
        $salt = $formula->saltPercent > 0 ? [LabelLine::of(Pantry::food('salt'), $formula->saltPercent * $share)] : [];
        $lines = LabelLine::falling([...$parts, ...$salt]);
        // what the cook put into the stores of a dough counts, whatever its formula says
        $named = array_merge(...array_map(static fn (LabelLine $one): array => $one->allergens, $lines));

        $more = array_values(array_filter($dough->allergens, static fn (Allergen $one): bool => ! in_array($one, $named, true)));

        return new LabelLine($dough->name, $grams, $more, $lines, array_values(array_filter($dough->allergenNames, static fn (AllergenName $one): bool => in_array($one->group(), $more, true))));
    }

    /** @return list<string> names of foods whose allergens are known so far and no further */
    public function known(AllergensKnown $as): array
    {
        $all = array_merge(...array_map(static fn (LabelLine $one): array => [$one, ...$one->parts], $this->lines));

        return array_values(array_unique(array_map(static fn (LabelLine $one): string => explode(',', $one->name)[0], array_filter($all, static fn (LabelLine $one): bool => $one->known === $as))));
    }

    /** @return list<Allergen> those of the nine of the United States; of cereals only wheat is one, and what is not named may be */
    public function ofTheNine(): array
    {
        $lines = array_merge(...array_map(static fn (LabelLine $one): array => [$one, ...$one->parts], $this->lines));
        $isWheat = array_filter($lines, static fn (LabelLine $one): bool => in_array(Allergen::Gluten, $one->allergens, true)
            && (array_intersect(array_column($one->names, 'value'), [AllergenName::Wheat->value, AllergenName::Spelt->value]) !== [] || array_filter($one->names, static fn (AllergenName $name): bool => $name->group() === Allergen::Gluten) === []));

        return array_values(array_filter($this->allergens(), static fn (Allergen $one): bool => $one->isOfTheNine() || $one === Allergen::Gluten && $isWheat !== []));
    }

    /** @return list<Allergen> in the order of the law */
    public function allergens(): array
    {
        $found = array_merge(...array_map(static fn (LabelLine $one): array => [...$one->allergens, ...array_merge(...array_map(static fn (LabelLine $part): array => $part->allergens, $one->parts))], $this->lines));

        return array_values(array_filter(Allergen::cases(), static fn (Allergen $one): bool => in_array($one, $found, true)));
    }
}
