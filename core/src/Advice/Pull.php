<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Pie\Pie;

/** A lever pulled, or two: the pie it makes and whether that seats the reading. */
final readonly class Pull
{
    public function __construct(
        public string $id,
        public string $act,
        public int $cost,
        public Pie $pie,
        public bool $clears,
    ) {
    }
}
