<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;

#[Schema('FilmedBake')]
final readonly class FilmedBake
{
    /** @param  FilmAnswer|null  $film  null while there is nothing to bake */
    public function __construct(public ?FilmAnswer $film)
    {
    }
}
