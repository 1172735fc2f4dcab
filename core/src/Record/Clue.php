<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\Statement\Statement;

/** What the record of a bake says of one cause. */
final readonly class Clue
{
    /**
     * @param  float  $log  of how much likelier it makes the cause; below 0 less likely
     * @param  list<Statement>  $for
     * @param  list<Statement>  $against
     * @param  bool  $rulesOut  it cannot have been
     */
    public function __construct(public float $log, public array $for, public array $against, public bool $rulesOut = false)
    {
    }

    public static function none(): self
    {
        return new self(0.0, [], []);
    }
}
