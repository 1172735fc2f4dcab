<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** What cooks begin with: eight kinds, told by their outline. */
enum PieKind: string
{
    case Quiche = 'quiche';
    case RawCrustTart = 'raw-crust-tart';
    case PuffTart = 'puff-tart';
    case DoubleCrust = 'double-crust';
    case DeepPie = 'deep-pie';
    case PotPie = 'pot-pie';
    case Pasty = 'pasty';
    case HandPie = 'hand-pie';

    /** Whether egg and dairy are commonly poured into it. */
    public function isPoured(): bool
    {
        return in_array($this, [self::Quiche, self::RawCrustTart, self::PuffTart, self::DeepPie], true);
    }
}
