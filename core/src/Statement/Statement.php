<?php

declare(strict_types=1);

namespace Hojaldre\Core\Statement;

/**
 * Something the core has to say: a code, and the quantities in it. The sentence stands in lang/, in the cook's language and
 * units. Names of quantities end in their unit: "freeGrams", "setCelsius", "ovenCelsius", "outMinutes", "basePercent", "depthMm",
 * "roomMl", "apartKelvins"; "food" and "foods" are names of foods.
 */
final readonly class Statement
{
    /** @param  array<string, bool|float|int|string|list<string>|self|list<self>>  $with */
    public function __construct(public string $code, public array $with = [])
    {
    }
}
