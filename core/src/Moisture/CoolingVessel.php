<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** What something hot cools in. Sizes: common practice, no source. */
enum CoolingVessel: string
{
    case Tray = 'tray';
    case Pan = 'pan';
    case Bowl = 'bowl';

    /** Of its floor, m2: a tray of 30 by 40, a pan of 28, a bowl of 20 cm across. */
    public function areaM2(): float
    {
        return match ($this) {
            self::Tray => 0.12,
            self::Pan => 0.0616,
            self::Bowl => 0.0314,
        };
    }

    /** Share of the heat of its top face that leaves through the vessel below (judgement: it stands on a rack; a bowl is thick). */
    public function floorShare(): float
    {
        return match ($this) {
            self::Tray, self::Pan => 0.7,
            self::Bowl => 0.4,
        };
    }
}
