<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Hojaldre\Core\Refusal\Refusal;

/** An object with rules of the trade between its fields. Asked only when each field by itself is well. */
interface Judged
{
    /** @return list<Refusal> pointing from the object on */
    public function refusals(): array;
}
