<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pie\Pie;

/**
 * What a pie feeds: energy, fat, carbohydrate, fibre, protein, salt, of a whole pie as it is eaten. Baking drives off water alone;
 * fat that left with the juice of a pan is taken off. Each with how sure it is.
 */
final readonly class Nutrition
{
    /** Tables and animals differ by so much of each, one standard deviation (judgement). */
    private const TABLE_SHARE = 0.10;

    /** Saturates and sugars differ more: they are told as shares of fat and of carbohydrate (judgement). */
    private const PART_SHARE = 0.20;

    /** And a kitchen scale and its cook by so much (judgement). */
    private const WEIGHED_SHARE = 0.03;

    /** Pieces are cut by eye: they differ by so much, one standard deviation (judgement). */
    private const CUT_SHARE = 0.07;

    /** Of the fat that is taken off for a pan, so much may have stayed (judgement). */
    private const PAN_FAT_SHARE = 0.5;

    /** kJ in a gram (docs/sources.md#eu-1169-2011, annex XIV). */
    private const KILOJOULES = ['fat' => 37.0, 'carbohydrate' => 17.0, 'fibre' => 8.0, 'protein' => 17.0];

    /** kcal in a gram (the same annex). */
    private const KILOCALORIES = ['fat' => 9.0, 'carbohydrate' => 4.0, 'fibre' => 2.0, 'protein' => 4.0];

    /**
     * @param  list<Nutrient>  $nutrients  of the whole pie, in the order of the law
     * @param  list<string>  $withoutParts  foods of which nobody knows saturates and sugars; then these two are left out
     */
    private function __construct(private float $grams, private int $pieces, private array $nutrients, public array $withoutParts)
    {
    }

    /**
     * @param  float  $lostGrams  that the oven takes off it
     * @param  int  $pieces  that it is cut into, or that there are of it
     */
    public static function of(Pie $pie, Weights $weights, float $lostGrams, int $pieces): self
    {
        $glaze = $pie->crust->lid?->glaze;
        $crustGrams = $pie->crust->grams($pie->tin);
        /** @var list<array{Food, float}> $used */
        $used = [[$pie->crust->dough, $crustGrams], ...array_map(static fn ($one): array => [$one->food, $one->grams()], $pie->ingredients())];
        $glazeGrams = 0.0;
        if ($glaze?->food() !== null) {
            $glazeGrams = Glaze::gramsOn($pie->tin);
            $used[] = [Pantry::food($glaze->food()), $glazeGrams];
        }
        $sums = array_fill_keys(array_keys(self::KILOJOULES), 0.0);
        $variances = $sums;
        $energyVariance = 0.0;
        foreach ($used as [$food, $grams]) {
            $energy = 0.0;
            foreach (array_keys(self::KILOJOULES) as $name) {
                $amount = $grams * $food->per100g->$name / 100;
                $sums[$name] += $amount;
                $variances[$name] += (self::TABLE_SHARE ** 2 + self::WEIGHED_SHARE ** 2) * $amount ** 2;
                $energy += $amount * self::KILOJOULES[$name];
            }
            $energyVariance += (self::TABLE_SHARE ** 2 + self::WEIGHED_SHARE ** 2) * $energy ** 2;
        }
        $pan = self::panFatGrams($pie);
        $fatBefore = $sums['fat'];
        $sums['fat'] = max(0.0, $sums['fat'] - $pan);
        $variances['fat'] += (self::PAN_FAT_SHARE * $pan) ** 2;
        $energyVariance += (self::PAN_FAT_SHARE * $pan * self::KILOJOULES['fat']) ** 2;
        $salt = $weights->salt()->grams() + $pie->crust->dough->saltGrams($crustGrams);

        return new self(max(1.0, $crustGrams + $weights->fillingGrams + $glazeGrams - $lostGrams), max(1, $pieces), [
            new Nutrient(NutrientName::Energy, self::energy($sums, self::KILOJOULES), sqrt($energyVariance)),
            new Nutrient(NutrientName::Fat, $sums['fat'], sqrt($variances['fat'])),
            // fat that went with the juice of a pan takes its share of saturates along
            ...self::part(NutrientName::Saturates, $used, $fatBefore > 0 ? $sums['fat'] / $fatBefore : 1.0),
            new Nutrient(NutrientName::Carbohydrate, $sums['carbohydrate'], sqrt($variances['carbohydrate'])),
            ...self::part(NutrientName::Sugars, $used, 1.0),
            ...array_map(static fn (string $name): Nutrient => new Nutrient(NutrientName::from($name), $sums[$name], sqrt($variances[$name])), ['fibre', 'protein']),
            new Nutrient(NutrientName::Salt, $salt, (self::TABLE_SHARE + self::WEIGHED_SHARE) * $salt),
        ], self::withoutParts($used));
    }

    /**
     * @param  list<array{Food, float}>  $used
     * @return list<Nutrient> none where it is not known of a food
     */
    private static function part(NutrientName $name, array $used, float $keptShare): array
    {
        if (self::withoutParts($used) !== []) {
            return [];
        }
        $sum = $variance = 0.0;
        foreach ($used as [$food, $grams]) {
            $food = Pantry::declared($food);
            $amount = $keptShare * $grams * ($name === NutrientName::Saturates ? $food->saturates : $food->sugars) / 100;
            $sum += $amount;
            $variance += (self::PART_SHARE ** 2 + self::WEIGHED_SHARE ** 2) * $amount ** 2;
        }

        return [new Nutrient($name, $sum, sqrt($variance))];
    }

    /**
     * @param  list<array{Food, float}>  $used
     * @return list<string>
     */
    private static function withoutParts(array $used): array
    {
        $without = array_filter($used, static fn (array $one): bool => $one[1] > 0 && (Pantry::declared($one[0])->saturates === null || Pantry::declared($one[0])->sugars === null));

        return array_values(array_unique(array_map(static fn (array $one): string => explode(',', $one[0]->name)[0], $without)));
    }

    /** Fat that went with what a pan took off, as the forecast reckons it, g. */
    private static function panFatGrams(Pie $pie): float
    {
        return array_sum(array_map(static fn ($layer): float => ($layer->bought->grams - $layer->now->grams) * (1 - $layer->food->waterShareOfLoss()), $pie->solids()));
    }

    /**
     * @param  array<string, float>  $grams
     * @param  array<string, float>  $factors
     */
    private static function energy(array $grams, array $factors): float
    {
        return array_sum(array_map(static fn (string $name): float => $grams[$name] * $factors[$name], array_keys($factors)));
    }

    public function pieceGrams(): float
    {
        return $this->grams / $this->pieces;
    }

    /** @return list<Nutrient> of one piece */
    public function ofPiece(): array
    {
        return array_map(fn (Nutrient $one): Nutrient => $one->times(1 / $this->pieces, $this->pieces > 1 ? self::CUT_SHARE : 0.0), $this->nutrients);
    }

    /** @return list<Nutrient> of 100 g */
    public function of100g(): array
    {
        return array_map(fn (Nutrient $one): Nutrient => $one->times(100 / $this->grams, 0.0), $this->nutrients);
    }

    /**
     * kcal by the same annex, from what was summed; not from kJ, which would round twice.
     *
     * @param  list<Nutrient>  $nutrients
     */
    public static function kilocalories(array $nutrients): float
    {
        $sum = 0.0;
        foreach ($nutrients as $one) {
            $sum += (self::KILOCALORIES[$one->name->value] ?? 0.0) * $one->amount;
        }

        return $sum;
    }
}
