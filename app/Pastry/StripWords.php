<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Wording\Words;
use Hojaldre\Core\Batch\DoughUse;
use Hojaldre\Core\Statement\Statement;

/** How the strips of a lattice are cut, and what from. */
final readonly class StripWords
{
    public static function of(DoughUse $use, Words $words): string
    {
        $lattice = $use->pieces->lattice;

        return $lattice === null ? '' : $words->say(new Statement('pastry.strips', [
            'strips' => count($lattice->lengthsMm), 'stripMm' => $lattice->stripMm, 'gapMm' => $lattice->gapMm, 'longestCm' => $lattice->longestMm() / 10,
            'from' => match ($use->pieces->stripsFromTrimmings()) {
                true => 'trimmings',
                false => 'dough',
                null => 'alone',
            },
        ]));
    }
}
