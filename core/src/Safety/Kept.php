<?php

declare(strict_types=1);

namespace Hojaldre\Core\Safety;

/** What is left over, and how long it keeps at 5 °C or below, or frozen. Common practice, no source; cooked food three days as cooks say, USDA has three to four. */
enum Kept: string
{
    case Dough = 'dough';
    case Trimmings = 'trimmings';
    case RawFilling = 'raw-filling';
    case CookedFilling = 'cooked-filling';
    case Custard = 'custard';
    case UnbakedPies = 'unbaked-pies';
    case BakedPies = 'baked-pies';

    /** Whole days from the day it was put there; null where it is not kept so. */
    public function days(KeptIn $place): ?int
    {
        return $place === KeptIn::Fridge ? $this->daysChilled() : $this->daysFrozen();
    }

    private function daysChilled(): int
    {
        return match ($this) {
            self::Dough, self::Trimmings => 2,
            self::RawFilling, self::Custard, self::UnbakedPies => 1,
            self::CookedFilling, self::BakedPies => 3,
        };
    }

    /** Raw custard parts when it thaws. */
    private function daysFrozen(): ?int
    {
        return match ($this) {
            self::Dough, self::Trimmings => 90,
            self::RawFilling, self::CookedFilling, self::UnbakedPies, self::BakedPies => 60,
            self::Custard => null,
        };
    }
}
