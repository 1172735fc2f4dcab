<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Forecast\Ledger;

/** Where the water goes, g; it closes. */
#[Schema('Ledger')]
final readonly class LedgerAnswer
{
    /**
     * @param  list<LedgerLayerAnswer>  $layers
     * @param  float  $looseGrams  weeps and is not held by a binder
     * @param  float  $absorbedGrams  taken up by scattered layers
     * @param  float  $freeGrams  the rest
     */
    private function __construct(
        public array $layers,
        public float $looseGrams,
        public float $absorbedGrams,
        public float $freeGrams,
        public float $intoBaseGrams,
        public float $intoFillingGrams,
    ) {
    }

    public static function of(Ledger $ledger): self
    {
        return new self(
            array_map(LedgerLayerAnswer::of(...), $ledger->layers), round($ledger->looseGrams, 2), round($ledger->absorbedGrams, 2), round($ledger->freeGrams, 2),
            round($ledger->intoBaseGrams, 2), round($ledger->intoFillingGrams, 2),
        );
    }
}
