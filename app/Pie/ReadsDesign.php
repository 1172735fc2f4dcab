<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieParser;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

/** For requests that carry a design among other things: refusals point into what was sent. */
trait ReadsDesign
{
    /** @throws Refused */
    protected function designAt(string $key): Pie
    {
        try {
            return PieParser::read((array) $this->input($key));
        } catch (Refused $refused) {
            throw Refused::with(array_map(static fn (Refusal $one): Refusal => $one->under('/'.$key), $refused->refusals));
        }
    }
}
