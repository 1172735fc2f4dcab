<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;

/** What is weighed into one pie, as it goes in, in pouring order. */
final readonly class WeighingList
{
    /** @param  list<array{food: Food, eachGrams: float, allGrams: float}>  $lines  each is one tin, or one folded piece */
    private function __construct(public PieOfBatch $of, public array $lines)
    {
    }

    public static function of(PieOfBatch $one): self
    {
        $lines = [];
        $add = static function (Food $food, float $grams) use (&$lines, $one): void {
            if ($grams > 0) {
                $lines[] = ['food' => $food, 'eachGrams' => $grams * $one->times() / $one->line->count, 'allGrams' => $grams * $one->times()];
            }
        };
        foreach ($one->pie->layers as $layer) {
            if ($layer instanceof SolidLayer) {
                $add($layer->food, $layer->now->grams);
                if ($layer->binder !== null) {
                    $add($layer->binder->food, $layer->binder->grams());
                }
            } elseif ($layer instanceof ScatteredLayer) {
                $add($layer->food, $layer->grams());
            } else {
                foreach ($layer->ingredients() as $part) {
                    $add($part->food, $part->grams());
                }
            }
        }
        foreach ($one->pie->seasonings as $part) {
            $add($part->food, $part->grams());
        }

        return new self($one, $lines);
    }
}
