<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** What is done at the pan, one after the other. */
enum PhaseName: string
{
    case Open = 'open';
    case Covered = 'covered';
    case LidOff = 'lid-off';
    case Hot = 'hot';
    case Low = 'low';
    case Boil = 'boil';
    case Oven = 'oven';
    case Wait = 'wait';
    case Squeeze = 'squeeze';
    case Press = 'press';
    case Drain = 'drain';
    case Work = 'work';

    /** Whether it is in a pan, where only so much goes at a time. */
    public function isInPan(): bool
    {
        return in_array($this, [self::Open, self::Covered, self::LidOff, self::Hot, self::Low], true);
    }

    public function isHot(): bool
    {
        return $this->isInPan() || $this === self::Boil || $this === self::Oven;
    }
}
