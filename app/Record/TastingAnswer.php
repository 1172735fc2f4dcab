<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('Tasting')]
final readonly class TastingAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  string  $bestFirst  letters
     */
    public function __construct(public string $id, public string $taster, public string $bestFirst)
    {
    }
}
