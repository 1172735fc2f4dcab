<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

/** When each task begins and which oven it takes, from the first minute that is planned. */
final readonly class Solution
{
    /**
     * @param  array<int, int>  $starts
     * @param  array<int, int>  $ovens
     */
    public function __construct(public array $starts, public array $ovens, public Cost $cost)
    {
    }
}
