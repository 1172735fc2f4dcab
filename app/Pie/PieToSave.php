<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Pie\Pie;

#[Schema('SavePie')]
final readonly class PieToSave
{
    /** @param  int  $basedOn  number of the revision that was changed */
    public function __construct(#[Whole(1, 1000000)] public int $basedOn, public Pie $design)
    {
    }
}
