<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Statement\Statement;

/** A food that can stand in for another of a pie. */
final readonly class Swap
{
    /**
     * @param  Statement  $use  how much of it, and what to do with it
     * @param  list<Effect>  $effects
     * @param  list<Change>  $changes
     */
    public function __construct(public Food $food, public Statement $use, public array $effects, public array $changes)
    {
    }
}
