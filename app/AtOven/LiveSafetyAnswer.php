<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\Safety;
use Hojaldre\Core\AtOven\SafetyState;
use Hojaldre\Core\Record\Foretold;
use Hojaldre\Core\Statement\Statement;

/** By what the coldest point is called safe, or not yet. */
#[Schema('LiveSafety')]
final readonly class LiveSafetyAnswer
{
    /**
     * @param  float|null  $minute  when the probe had it safe
     * @param  string  $says  a sentence
     */
    private function __construct(public SafetyState $state, public ?float $minute, public string $says)
    {
    }

    public static function of(Safety $safety, Foretold $foretold, Words $words): self
    {
        return new self($safety->state, $safety->minute, $words->say(new Statement('safety.'.$safety->state->value, [
            'safeCelsius' => $foretold->safeCelsius, 'safeMinutes' => $foretold->safeMinute ?? 0.0, 'highMinutes' => $foretold->safeHighMinute ?? 0.0,
        ])));
    }
}
