<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Batch\DoughUse;
use Hojaldre\Core\Pastry\Rolled\PastryPiece;

/** What one pie of the batch takes of a dough. */
#[Schema('DoughUse')]
final readonly class DoughUseAnswer
{
    /**
     * @param  int  $number  of the pie in the batch
     * @param  string  $pie  its uuid
     * @param  list<PastryPieceAnswer>  $pieces
     * @param  float  $backGrams  raw trimmings and scraps
     * @param  float  $bakedTrimGrams  trimmed off after the blind bake
     * @param  string  $strips  how a lattice is cut; empty where there is none
     */
    private function __construct(
        public int $number,
        public string $pie,
        public string $name,
        public int $count,
        public bool $isFolded,
        public array $pieces,
        public float $rolledGrams,
        public float $backGrams,
        public float $bakedTrimGrams,
        public string $strips,
        public ?CuttingAnswer $cutting,
        public ?EvenAnswer $even,
    ) {
    }

    public static function of(DoughUse $use, Words $words): self
    {
        return new self(
            $use->of->number, $use->of->line->pie, $use->of->pie->name, $use->of->line->count, $use->of->folded() !== null,
            array_map(static fn (PastryPiece $one): PastryPieceAnswer => PastryPieceAnswer::of($one, $words), $use->pieces->pieces),
            round($use->rolledGrams, 1), round($use->backGrams, 1), round($use->bakedTrimGrams, 1), StripWords::of($use, $words),
            $use->cutting === null ? null : CuttingAnswer::of($use->cutting, $words),
            $use->even === null ? null : EvenAnswer::of($use->even, $use->of->line->fold, $words),
        );
    }
}
