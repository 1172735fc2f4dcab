<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Readings\Limits;

#[Schema('Limits')]
final readonly class LimitsAnswer
{
    private function __construct(public ?float $lower, public string $lowerName, public ?float $upper, public string $upperName)
    {
    }

    public static function of(Limits $limits, Words $words): self
    {
        return new self(Rounded::to($limits->lower, 3), $words->word('limit', $limits->lowerName), Rounded::to($limits->upper, 3), $words->word('limit', $limits->upperName));
    }
}
