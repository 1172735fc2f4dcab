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
     * @param  list<string>  $ingredients  in the order in which they go in, for the count that was asked
     * @param  list<string>  $method  in the order of the work
     */
    public function __construct(public string $file, public string $text, public string $linked, public array $ingredients, public array $method)
    {
    }
}
