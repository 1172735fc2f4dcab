<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

use Hojaldre\Core\Pie\Pie;

/** When it comes out, as it is planned: the minutes of the design, or later where its middle is not ready by then. */
final readonly class OutAt
{
    /** The first look, of the minutes until it comes out: 80 to 90 in 100 (common practice, no source). */
    public const LOOK_SHARE = 0.85;

    private function __construct(public float $minute, public float $lowMinute, public float $highMinute)
    {
    }

    public static function of(Pie $pie, Outlook $outlook): self
    {
        // what was seen or measured moves the cook's own minutes too, but never before the middle is ready
        $out = max($outlook->readyMinute, $pie->bake->minutes() + $outlook->movedMinutes);

        return new self($out, max(1.0, $out + $outlook->lowMinute - $outlook->readyMinute), $out + $outlook->highMinute - $outlook->readyMinute);
    }

    public function lookMinute(): float
    {
        return round(self::LOOK_SHARE * $this->minute);
    }
}
