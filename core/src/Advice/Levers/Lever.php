<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** One thing a cook can change, and by how much. The further it is pulled, the more it does. */
interface Lever
{
    public function id(): string;

    /** Trouble it costs the cook: 1 a turn of the hand, 5 another hour. */
    public function cost(): int;

    /** Furthest pull that makes sense for this pie, in the lever's own unit; 0 where it is not to be had. */
    public function most(Pie $pie): float;

    /** The pull is a whole number of these. */
    public function step(Pie $pie): float;

    public function pull(Pie $pie, float $by): Pie;

    /** What the cook is to do. */
    public function act(Pie $pie, float $by): Statement;
}
