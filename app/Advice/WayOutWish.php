<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Pie\Pie;

#[Schema('WayOutWish')]
final readonly class WayOutWish
{
    public function __construct(public Pie $design, public ReadingName $reading)
    {
    }
}
