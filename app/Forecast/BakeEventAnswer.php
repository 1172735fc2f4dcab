<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Forecast\ReportEvent;
use Hojaldre\Core\Statement\Statement;

#[Schema('BakeEventTime')]
final readonly class BakeEventAnswer
{
    /**
     * @param  string  $title  its name as it is shown
     * @param  float  $minute  since it went in filled
     * @param  float  $low  of 8 bakes in 10
     * @param  bool  $isInPlan  false where it would come only if it stayed in
     * @param  string  $cue  what the cook sees, feels or measures
     */
    private function __construct(public BakeEvent $name, public string $title, public float $minute, public float $low, public float $high, public bool $isInPlan, public string $cue)
    {
    }

    public static function of(ReportEvent $event, float $safeCelsius, Words $words): self
    {
        return new self(
            $event->event, $words->word('event', $event->event), round($event->minutes, 1), round($event->lowMinutes, 1), round($event->highMinutes, 1), $event->isInPlan,
            $words->say(new Statement('cue.'.$event->event->value, ['safeCelsius' => $safeCelsius])),
        );
    }
}
