<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\ReadingAnswer;
use App\Wording\Words;
use Hojaldre\Core\Advice\WhatIfLever;
use Hojaldre\Core\Advice\WhatIfPoint;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Statement\Statement;

/** The readings at one setting. */
#[Schema('WhatIfPoint')]
final readonly class WhatIfPointAnswer
{
    /**
     * @param  string  $label  the setting as the cook tells it
     * @param  list<ReadingAnswer>  $readings
     * @param  list<ChangeAnswer>  $changes  what makes the pie so
     */
    private function __construct(public float $setting, public string $label, public bool $isNow, public array $readings, public array $changes)
    {
    }

    public static function of(WhatIfPoint $point, WhatIfLever $lever, Words $words): self
    {
        return new self(
            $point->setting, $words->say(new Statement('what-if.'.$lever->value, [$lever->quantity() => $point->setting])), $point->isNow,
            array_map(static fn (Reading $one): ReadingAnswer => ReadingAnswer::of($one, $words), $point->readings),
            array_map(ChangeAnswer::of(...), $point->changes),
        );
    }
}
