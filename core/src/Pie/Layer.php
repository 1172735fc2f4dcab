<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Document\Kinds;

/** One thing poured or laid into the crust. */
#[Kinds('kind', ['solid' => SolidLayer::class, 'custard' => CustardLayer::class, 'scattered' => ScatteredLayer::class])]
interface Layer
{
    /** What a layer may have when it goes in, °C: from a freezer to a hot pan (definition). */
    public const COLDEST_CELSIUS = -25;

    /** The same, at its hottest (definition). */
    public const HOTTEST_CELSIUS = 95;

    public function id(): string;

    /** Where it comes from: 5 the fridge, 20 the bench, 60 the pan, °C. */
    public function fromCelsius(): float;

    /** The same, with so many °C when it goes in. */
    public function startingAt(float $celsius): self;

    public function scaled(float $factor): self;

    /** @return list<Ingredient> all that is in it, as bought */
    public function ingredients(): array;
}
