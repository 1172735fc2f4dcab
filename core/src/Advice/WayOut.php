<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Statement\Statement;

/** A change to the design that mends a reading, worked out, with what it does to all of them. */
final readonly class WayOut
{
    /**
     * @param  list<Statement>  $acts  what the cook does, one after the other
     * @param  bool  $clears  whether the reading stands inside its limits afterwards, in the fine bake
     * @param  float|null  $low  range of the reading afterwards, in its unit
     * @param  list<Change>  $changes
     * @param  list<Effect>  $effects
     */
    public function __construct(
        public string $id,
        public array $acts,
        public bool $clears,
        public ?float $low,
        public ?float $high,
        public array $changes,
        public array $effects,
    ) {
    }
}
