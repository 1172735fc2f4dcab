<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Seasoning\Salt;

/** How salt the filling tastes. */
enum SaltWord: string
{
    case Bland = 'bland';
    case Enough = 'enough';
    case Salty = 'salty';

    /** @param  float  $percent  of the filling */
    public static function of(float $percent): self
    {
        return $percent < Salt::BLAND_PERCENT ? self::Bland : ($percent > Salt::TOO_SALTY_PERCENT ? self::Salty : self::Enough);
    }
}
