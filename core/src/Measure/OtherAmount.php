<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** An amount of another food that stood in the same words. */
final readonly class OtherAmount
{
    /** @param  string  $food  its id in the pantry */
    public function __construct(public string $food, public string $words, public float $grams, public ?float $leastGrams = null, public ?float $mostGrams = null)
    {
    }
}
