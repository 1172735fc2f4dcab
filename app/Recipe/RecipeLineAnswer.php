<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Schema;
use Hojaldre\Core\Recipe\LineKind;
use Hojaldre\Core\Recipe\RecipeLine;

/** A line of the recipe as it was written, and what was read in it. */
#[Schema('RecipeLine')]
final readonly class RecipeLineAnswer
{
    /** @param  list<NamedAmountAnswer>  $named */
    private function __construct(public string $text, public LineKind $kind, public array $named)
    {
    }

    public static function of(RecipeLine $line): self
    {
        return new self($line->text, $line->kind, array_map(NamedAmountAnswer::of(...), $line->named));
    }
}
