<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;

/** The word of one reading of a pie. */
#[Schema('PieVerdict')]
final readonly class PieVerdict
{
    private function __construct(public ReadingName $name, public string $title, public string $verdict, public ReadingState $state)
    {
    }

    /** @param  array{name: string, verdict: string, state: string}  $kept  as codes */
    public static function of(array $kept, Words $words): self
    {
        return new self(ReadingName::from($kept['name']), $words->word('reading', $kept['name']), $words->word('verdict', $kept['verdict']), ReadingState::from($kept['state']));
    }
}
