<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\Entry;

/** A food that a line names, and how much of it. */
final readonly class NamedAmount
{
    /**
     * @param  Entry  $entry  its grams; as common practice has them where nothing was said
     * @param  bool  $isSaid  the amount was told and not assumed
     * @param  bool  $isSure  the name was known as it stands
     */
    public function __construct(public Food $food, public Entry $entry, public bool $isSaid, public bool $isSure, public Into $into)
    {
    }

    public function at(Into $into): self
    {
        return new self($this->food, $this->entry, $this->isSaid, $this->isSure, $into);
    }
}
