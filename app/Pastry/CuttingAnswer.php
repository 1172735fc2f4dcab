<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\Pastry\Sheet\Layout;
use Hojaldre\Core\Statement\Statement;

/** Pieces cut from a first rolling and from its scraps rolled once more. */
#[Schema('CuttingShown')]
final readonly class CuttingAnswer
{
    /**
     * @param  float  $scrapsGrams  of the first rolling
     * @param  float  $leftGrams  after the re-roll
     * @param  list<string>  $others  what other layouts of one sheet give, best first
     */
    private function __construct(
        public Cutter $cutter,
        public float $thicknessMm,
        public int $pieces,
        public float $pieceGrams,
        public float $grams,
        public SheetAnswer $first,
        public ?SheetAnswer $reroll,
        public float $scrapsGrams,
        public float $leftGrams,
        public array $others,
    ) {
    }

    public static function of(Cutting $cutting, Words $words): self
    {
        return new self(
            $cutting->cutter, $cutting->thicknessMm, $cutting->pieces(), round($cutting->pieceGrams(), 1), round($cutting->grams(), 1),
            SheetAnswer::of($cutting->first, $words), $cutting->reroll === null ? null : SheetAnswer::of($cutting->reroll, $words),
            round($cutting->scrapsGrams(), 1), round($cutting->leftGrams(), 1),
            array_map(static fn (Layout $one): string => $words->say(new Statement('sheet.other', ['kind' => $one->kind->value, 'pieces' => $one->count()])), $cutting->first->packing->others),
        );
    }
}
