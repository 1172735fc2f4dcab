<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Pie\Pie;

/** A recipe, read: its lines with what was found in each, and the pie it makes with what it leaves unsaid. */
final readonly class ReadRecipe
{
    /**
     * @param  list<RecipeLine>  $lines
     * @param  CookUnits  $units  whose cup and spoons its words were taken for
     */
    public function __construct(public array $lines, public Pie $pie, public CookUnits $units)
    {
    }

    /** @return list<RecipeLine> that wait for the cook */
    public function waiting(): array
    {
        return array_values(array_filter($this->lines, static fn (RecipeLine $line): bool => $line->kind === LineKind::Waiting));
    }
}
