<?php

declare(strict_types=1);

namespace Hojaldre\Core\Batch\Prep;

/** What of an act goes into one pie of the batch, all of them together. */
final readonly class PieShare
{
    /** @param  int  $number  of the pie in the batch */
    public function __construct(public int $number, public float $grams)
    {
    }

    /**
     * @param  list<FoodOfBatch>  $foods
     * @param  callable(FoodOfBatch): float  $grams
     * @return list<self> each pie once
     */
    public static function each(array $foods, callable $grams): array
    {
        $by = [];
        foreach ($foods as $one) {
            $by[$one->of->number] = ($by[$one->of->number] ?? 0.0) + $grams($one);
        }

        return array_map(static fn (int $number, float $all): self => new self($number, $all), array_keys($by), $by);
    }
}
