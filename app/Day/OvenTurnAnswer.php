<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;

#[Schema('OvenTurn')]
final readonly class OvenTurnAnswer
{
    /**
     * @param  string  $oven  its id
     * @param  int  $minute  when to turn it
     * @param  int  $byMinute  when it is at its heat
     * @param  int  $celsius  inside; 0 for off
     * @param  int  $fromCelsius  until then; 0 for cold
     */
    public function __construct(public string $oven, public int $minute, public int $byMinute, public int $celsius, public int $fromCelsius)
    {
    }
}
