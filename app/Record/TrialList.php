<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use App\Kitchen\Kitchen;
use App\Wording\Words;

#[Schema('TrialList')]
final readonly class TrialList
{
    /** @param  list<TrialAnswer>  $trials  the newest first */
    private function __construct(public array $trials)
    {
    }

    public static function of(Kitchen $kitchen, Words $words): self
    {
        return new self(array_map(static fn (StoredTrial $one): TrialAnswer => TrialAnswer::of($kitchen, $one, $words), StoredTrial::of($kitchen)));
    }
}
