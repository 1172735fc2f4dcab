<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Bake\Brownness;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Refusal\Refusal;

/** What came out when a pie was baked as it is designed, in the cook's words; null where the cook does not say. */
final readonly class Told implements Judged
{
    public function __construct(public ?ToldSet $set = null, public ?BaseVerdict $base = null, public ?Brownness $top = null, public ?Brownness $underside = null)
    {
    }

    public function refusals(): array
    {
        return $this->set === null && $this->base === null && $this->top === null && $this->underside === null ? [new Refusal('nothing-told', '')] : [];
    }
}
