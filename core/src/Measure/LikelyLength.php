<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure;

/** What is measured, where a bare number has to tell its own unit: a pastry is millimetres, a tin is inches or centimetres. */
enum LikelyLength: string
{
    case Thickness = 'thickness';
    case Width = 'width';
    case Depth = 'depth';

    /** mm of one of what a bare number counts, or null where it could be two things (judgement). */
    public function mmEach(float $number): ?float
    {
        return match ($this) {
            self::Thickness => $number >= 0.5 && $number <= 20 ? 1.0 : null,
            self::Width => match (true) {
                $number >= 5 && $number <= 14 => Length::MM_PER_INCH,
                $number > 14 && $number <= 45 => 10.0,
                $number >= 80 => 1.0,
                default => null,
            },
            self::Depth => $number >= 15 ? 1.0 : null,
        };
    }
}
