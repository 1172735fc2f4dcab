<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Schema;

/** A pie written out for a friend. */
#[Schema('WrittenRecipe')]
final readonly class WrittenRecipe
{
    /**
     * @param  string  $file  what a file of it may be called, without its ending
     * @param  string  $text  plain text
     * @param  string  $linked  a Recipe of the vocabulary of schema.org, as JSON-LD
     */
    public function __construct(public string $file, public string $text, public string $linked)
    {
    }
}
