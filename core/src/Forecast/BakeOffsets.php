<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\BakeEvent;

/** What a fine bake says more than a coarse one of the same design, for the coarse bakes of designs near it. */
final readonly class BakeOffsets
{
    /** Events that readings are made of. */
    private const EVENTS = [BakeEvent::TimeToLook, BakeEvent::Set, BakeEvent::Safe, BakeEvent::Over, BakeEvent::Tough, BakeEvent::Golden];

    /** @param  array<string, float>  $minutes  by event */
    private function __construct(private array $minutes, public float $baseRatio)
    {
    }

    public static function none(): self
    {
        return new self([], 0.0);
    }

    public static function between(SimulatedBake $rough, SimulatedBake $fine): self
    {
        $minutes = [];
        foreach (self::EVENTS as $event) {
            $difference = $fine->minute($event) - $rough->minute($event);
            $minutes[$event->value] = is_finite($difference) ? $difference : 0.0;
        }

        return new self($minutes, is_nan($fine->base()) ? 0.0 : $fine->base() - $rough->base());
    }

    public function minutes(BakeEvent $event): float
    {
        return $this->minutes[$event->value] ?? 0.0;
    }
}
