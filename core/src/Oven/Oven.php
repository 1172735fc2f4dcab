<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;

/** An oven of the kitchen and how far its dial is off. */
final readonly class Oven
{
    /** @param  float  $runsByKelvins  measured inside less what the dial says; negative where it runs cold */
    public function __construct(
        #[Text(1, 60)] public string $name,
        #[Number(-60, 60, 'K')] public float $runsByKelvins,
    ) {
    }

    /** What to set for a temperature wanted inside, °C. */
    public function dialCelsius(float $insideCelsius): float
    {
        return $insideCelsius - $this->runsByKelvins;
    }
}
