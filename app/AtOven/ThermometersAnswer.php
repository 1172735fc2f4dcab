<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;

#[Schema('Thermometers')]
final readonly class ThermometersAnswer
{
    /**
     * @param  float|null  $probeCelsius  null where no probe answers
     * @param  float|null  $ovenCelsius  inside the oven; null where no thermometer answers
     */
    public function __construct(public ?float $probeCelsius, public ?float $ovenCelsius)
    {
    }
}
