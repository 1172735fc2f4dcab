<?php

declare(strict_types=1);

namespace Hojaldre\Core\Label;

use Hojaldre\Core\Safety\Kept;
use Hojaldre\Core\Safety\KeptIn;

/** How a pie leaves the kitchen. */
enum SoldAs: string
{
    case Chilled = 'chilled';
    case Frozen = 'frozen';

    /** To be baked from frozen by who buys it. */
    case UnbakedFrozen = 'unbaked-frozen';

    /** Whole days that it keeps, from the day it was baked or made. */
    public function days(): int
    {
        return match ($this) {
            self::Chilled => (int) Kept::BakedPies->days(KeptIn::Fridge),
            self::Frozen => (int) Kept::BakedPies->days(KeptIn::Freezer),
            self::UnbakedFrozen => (int) Kept::UnbakedPies->days(KeptIn::Freezer),
        };
    }

    public function isBaked(): bool
    {
        return $this !== self::UnbakedFrozen;
    }
}
