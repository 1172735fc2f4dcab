<?php

declare(strict_types=1);

namespace Hojaldre\Core\Document;

use Hojaldre\Core\Refusal\Refusal;

/** A rule of the trade on one field, beyond its shape; written as an attribute beside it. */
interface Rule
{
    /** @return list<Refusal> pointing from the field on */
    public function refusals(mixed $value): array;
}
