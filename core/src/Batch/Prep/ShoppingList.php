<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Food\Trim;
use Hojaldre\Core\Pastry\Glaze;

/** All that has to be bought for a batch: each food once, untrimmed, less what is in the stores, in packs. */
final readonly class ShoppingList
{
    /** What a food is sold in, the first that it has. */
    private const PACKS = ['pack', 'tub', 'block', 'carton', 'tin', 'jar', 'bunch', 'sheet'];

    /** Herbs come in bunches; greens for a batch are weighed out, g (judgement). */
    private const HEAVY_BUNCH_GRAMS = 100.0;

    /** Eggs are counted. */
    private const EGG = 'large';

    /** From the tap. */
    private const FREE = ['water'];

    /** What is weighed out is bought in steps: up to so many grams, in steps of so many (common practice, no source). */
    private const STEPS = [[100.0, 10.0], [1000.0, 50.0], [INF, 100.0]];

    /**
     * @param  list<ShoppingLine>  $lines  as they stand in a shop: vegetables, meat, dairy, dry goods
     * @param  list<Allergen>  $allergens  of the lot
     */
    private function __construct(public array $lines, public array $allergens)
    {
    }

    /**
     * @param  list<PieOfBatch>  $pies
     * @param  array<string, float>  $pricesPerKg
     * @param  array<string, float>  $haveGrams  in the stores, by food
     */
    public static function of(array $pies, PastryPlan $pastry, array $pricesPerKg, array $haveGrams): self
    {
        $need = $glazes = [];
        $add = static function (Food $food, float $grams) use (&$need): void {
            if ($grams > 0 && ! in_array($food->id, self::FREE, true)) {
                $need[$food->id] = [$food, ($need[$food->id][1] ?? 0.0) + $grams];
            }
        };
        foreach ($pies as $one) {
            foreach ($one->pie->layers as $layer) {
                foreach ($layer->ingredients() as $part) {
                    $add($part->food, $part->grams() * $one->times());
                }
            }
            foreach ($one->pie->seasonings as $part) {
                $add($part->food, $part->grams() * $one->times());
            }
            $glaze = $one->pie->crust->lid?->glaze;
            if ($glaze?->food() !== null) {
                $add(Pantry::food($glaze->food()), $one->times() * Glaze::gramsOn($one->pie->tin));
                $glazes = [...$glazes, ...$glaze->allergens()];
            }
        }
        foreach ($pastry->doughs as $plan) {
            self::addDough($plan, $add);
        }
        $lines = array_map(static fn (array $one): ShoppingLine => self::line($one[0], $one[1], $haveGrams[$one[0]->id] ?? 0.0, $pricesPerKg[$one[0]->id] ?? null), array_values($need));
        usort($lines, static fn (ShoppingLine $a, ShoppingLine $b): int => [self::aisle($a->food), $a->food->name] <=> [self::aisle($b->food), $b->food->name]);

        return new self($lines, self::allergensOf(array_map(static fn (array $one): Food => $one[0], array_values($need)), $glazes));
    }

    /** Of what has a price. */
    public function cost(): ?float
    {
        $costs = array_filter(array_map(static fn (ShoppingLine $one): ?float => $one->cost, $this->lines), static fn (?float $one): bool => $one !== null);

        return $costs === [] ? null : array_sum($costs);
    }

    public function unpriced(): int
    {
        return count(array_filter($this->lines, static fn (ShoppingLine $one): bool => $one->buyGrams > 0 && $one->cost === null));
    }

    /** @param  callable(Food, float): void  $add */
    private static function addDough(DoughPlan $plan, callable $add): void
    {
        $flour = $plan->flourGrams();
        if ($plan->formula === null || $flour === null) {
            $add($plan->dough, $plan->madeGrams());

            return;
        }
        foreach ($plan->formula->parts() as $part) {
            $add($part->food, $flour * $part->percent / 100);
        }
        $add(Pantry::food('salt'), $flour * $plan->formula->saltPercent / 100);
    }

    private static function line(Food $food, float $needGrams, float $haveGrams, ?float $pricePerKg): ShoppingLine
    {
        $untrimmed = Trim::toBuyGrams($food->id, $needGrams);
        $missing = max(0.0, $untrimmed - $haveGrams);
        $pack = self::packOf($food);
        $packGrams = $pack === '' ? 0.0 : self::piecesOf($food)[$pack];
        $packs = $packGrams > 0 ? (int) ceil($missing / $packGrams - 1e-6) : 0;
        $buy = $packGrams > 0 ? $packs * $packGrams : self::rounded($missing);

        return new ShoppingLine($food, $needGrams, $untrimmed, $haveGrams, $buy, $packs, $packs > 0 ? $pack : '', $pricePerKg === null ? null : round($buy / 1000 * $pricePerKg, 2));
    }

    private static function packOf(Food $food): string
    {
        if ($food->role === Role::Egg && isset(self::piecesOf($food)[self::EGG]) && $food->id === 'egg') {
            return self::EGG;
        }
        foreach (self::PACKS as $pack) {
            $grams = self::piecesOf($food)[$pack] ?? null;
            if ($grams !== null && ($pack !== 'bunch' || $grams < self::HEAVY_BUNCH_GRAMS)) {
                return $pack;
            }
        }

        return '';
    }

    /**
     * A pie may carry a food as it was known when it was saved; what it is sold in, the pantry knows.
     *
     * @return array<string, float>
     */
    private static function piecesOf(Food $food): array
    {
        return $food->pieces + (Pantry::family($food->id) === null ? [] : Pantry::food($food->id)->pieces);
    }

    private static function rounded(float $grams): float
    {
        foreach (self::STEPS as [$to, $step]) {
            if ($grams <= $to) {
                return ceil($grams / $step - 1e-6) * $step;
            }
        }

        return $grams;
    }

    private static function aisle(Food $food): int
    {
        return (int) array_search(Pantry::family($food->id) ?? 'own', ['vegetables', 'fruit', 'meat and fish', 'eggs', 'dairy', 'cheeses', 'dry goods', 'liquids', 'own'], true);
    }

    /**
     * @param  list<Food>  $foods
     * @param  list<Allergen>  $glazes
     * @return list<Allergen>
     */
    private static function allergensOf(array $foods, array $glazes): array
    {
        return array_values(array_filter(Allergen::cases(), static fn (Allergen $one): bool => in_array($one, $glazes, true) || array_filter($foods, static fn (Food $food): bool => in_array($one, $food->allergens, true)) !== []));
    }
}
