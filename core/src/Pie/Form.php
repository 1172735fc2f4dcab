<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** What kind of pie it is: said by its tin and its crust, never kept beside them. */
enum Form: string
{
    case Open = 'open';
    case DoubleCrust = 'double-crust';
    case Lattice = 'lattice';
    case PotPie = 'pot-pie';
    case Folded = 'folded';

    /** Whether it has a base that can go wet. */
    public function hasBase(): bool
    {
        return $this !== self::PotPie;
    }

    /** Whether there is an empty shell to bake first. */
    public function canBeBakedBlind(): bool
    {
        return $this !== self::PotPie && $this !== self::Folded;
    }

    public function isClosed(): bool
    {
        return $this !== self::Open && $this !== self::Lattice;
    }
}
