<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\BakeReport;
use Hojaldre\Core\Safety\CoolingVerdict;

/** Minutes out of the oven, an hour of them on a rack, then in the fridge. */
#[Schema('Cooling')]
final readonly class CoolingAnswer
{
    private function __construct(public ?float $below57Minutes, public ?float $below21Minutes, public ?float $below5Minutes, public bool $isWithinLimits, public string $says)
    {
    }

    public static function of(BakeReport $report, Words $words): self
    {
        $cooling = $report->result->cooling;

        return new self(
            Rounded::to($cooling->hotMinutes, 0), Rounded::to($cooling->warmMinutes, 0), Rounded::to($cooling->coldMinutes, 0),
            $report->cooling === CoolingVerdict::WithinLimits, $words->word('cooling', $report->cooling),
        );
    }
}
