<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Assumptions;

use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Statement\Statement;

/** One thing that nobody said: what is assumed, what it may be instead, and how far the answer moves the reading that it moves most. */
final readonly class Question
{
    /**
     * @param  string  $place  as Pie\Assumed has it
     * @param  list<Alternative>  $alternatives  in their natural order, what is assumed among them
     * @param  Reading|null  $least  of the reading that it moves most, where that comes out least; null where it moves none
     * @param  Reading|null  $most  the same, where it comes out most
     * @param  float  $tells  how far it moves it, as a share of the rule that the reading is drawn on
     */
    public function __construct(public string $place, public Statement $asks, public array $alternatives, public ?Reading $least, public ?Reading $most, public float $tells)
    {
    }
}
