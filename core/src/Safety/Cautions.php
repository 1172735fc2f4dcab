<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

use Hojaldre\Core\Statement\Statement;

/** The cautions that go with every forecast. */
final readonly class Cautions
{
    /** A lower temperature, and how long it must be held for the same kill (definition). */
    private const HELD_CELSIUS = 65.0;

    /** @return list<Statement> */
    public static function of(float $safeCelsius): array
    {
        return [
            new Statement('caution.coldest-point', ['safeCelsius' => $safeCelsius, 'heldCelsius' => self::HELD_CELSIUS, 'heldMinutes' => ceil(Lethality::minutesAt(self::HELD_CELSIUS))]),
            new Statement('caution.raw-food', ['hotCelsius' => CoolingLimits::HOT_CELSIUS, 'warmCelsius' => CoolingLimits::WARM_CELSIUS, 'coldCelsius' => CoolingLimits::COLD_CELSIUS]),
        ];
    }
}
