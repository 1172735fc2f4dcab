<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\GateCost;

#[Schema('GateCost')]
final readonly class GateCostAnswer
{
    /**
     * @param  float|null  $atCelsius  that was measured
     * @param  string  $says  what going in as it is costs
     * @param  float|null  $waitMinutes  until it would be right
     */
    private function __construct(public ?float $atCelsius, public string $says, public ?float $waitMinutes)
    {
    }

    public static function of(GateCost $cost, Words $words): self
    {
        return new self($cost->atCelsius, $words->all($cost->says), $cost->waitMinutes);
    }
}
