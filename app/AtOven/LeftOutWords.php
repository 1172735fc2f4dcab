<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Wording\Words;
use Hojaldre\Core\AtOven\LeftOut;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Statement\Statement;

/** What of a trace is not counted, told with the minute and the reason. */
final readonly class LeftOutWords
{
    public static function of(Trace $trace, Words $words): string
    {
        $by = [];
        foreach ($trace->left as $one) {
            $by[$one->why->value][] = $one;
        }

        return implode(' ', array_map(static fn (string $why, array $all): string => $words->say(new Statement("left-out.$why", [
            'count' => (float) count($all), 'fromMinutes' => min(array_map(static fn (LeftOut $one): float => $one->minute, $all)), 'readCelsius' => $all[count($all) - 1]->celsius,
        ])), array_keys($by), array_values($by)));
    }
}
