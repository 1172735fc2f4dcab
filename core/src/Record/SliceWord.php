<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Forecast\Readings\Verdict;

/** How a slice stands when it is cut. */
enum SliceWord: string
{
    case Loose = 'loose';
    case Holds = 'holds';
    case Weeps = 'weeps';

    /** What a reading of the set foretold. */
    public static function foretold(?Verdict $set): self
    {
        return match ($set) {
            Verdict::NotSet, Verdict::NeverSets, Verdict::NoEgg => self::Loose,
            Verdict::Tough, Verdict::PastItsBest => self::Weeps,
            default => self::Holds,
        };
    }
}
