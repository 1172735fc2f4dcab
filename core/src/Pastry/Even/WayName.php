<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Even;

/** What a cook changes so that dough and filling come out even. */
enum WayName: string
{
    case Weight = 'weight';
    case Thickness = 'thickness';
    case Size = 'size';
    case MoreDough = 'more-dough';
    case FreezeFilling = 'freeze-filling';
    case FewerPieces = 'fewer-pieces';
    case FreezePieces = 'freeze-pieces';
    case SecondTin = 'second-tin';
}
