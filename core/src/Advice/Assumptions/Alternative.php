<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Assumptions;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** What could stand at an assumed place instead, or what does stand there. */
final readonly class Alternative
{
    /** @param  Pie|null  $pie  the design with it; null for what is assumed now */
    public function __construct(public Statement $says, public ?Pie $pie)
    {
    }
}
