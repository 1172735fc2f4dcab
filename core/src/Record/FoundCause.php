<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Statement\Statement;

/** One likely cause of what went wrong, with what speaks for it and against it, and what to do next time. */
final readonly class FoundCause
{
    /**
     * @param  float  $likely  0 to 1
     * @param  list<FaultName>  $leadsTo  which of the troubles
     * @param  non-empty-list<Statement>  $for
     * @param  non-empty-list<Statement>  $against  what is unsure where nothing speaks against it
     * @param  Statement  $check  what to look at the next time
     * @param  Statement  $nextTime  the change
     * @param  list<Statement>  $then  what it would have been with it, baked in simulation; none where that knows nothing of it
     */
    public function __construct(public CauseName $cause, public float $likely, public array $leadsTo, public array $for, public array $against, public Statement $check, public Statement $nextTime, public array $then)
    {
    }
}
