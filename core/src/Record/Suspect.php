<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Statement\Statement;

/** A cause that leads to something of what was seen. */
final readonly class Suspect
{
    /**
     * @param  float  $log  of how likely it is beside the others
     * @param  list<FaultName>  $leadsTo  which of the troubles
     * @param  non-empty-list<Statement>  $for
     */
    public function __construct(public CauseName $cause, public float $log, public array $leadsTo, public array $for, public Clue $clue)
    {
    }
}
