<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pastry\Rolled\PastryPiece;
use Hojaldre\Core\Pastry\Rolled\PieceName;
use Hojaldre\Core\Statement\Statement;

/** Alike pieces of one tin. */
#[Schema('PastryPiece')]
final readonly class PastryPieceAnswer
{
    /** @param  string  $says  what it is and how large, such as "base, disc 33 cm" */
    private function __construct(
        public PieceName $name,
        public string $says,
        public int $pieces,
        public bool $isRound,
        public float $lengthMm,
        public float $widthMm,
        public float $thicknessMm,
        public float $rolledGrams,
        public float $keptGrams,
    ) {
    }

    public static function of(PastryPiece $one, Words $words): self
    {
        $shape = match (true) {
            $one->lengthMm <= 0 => 'loose',
            $one->isRound => 'disc',
            default => 'sheet',
        };

        return new self(
            $one->name,
            $words->say(new Statement('piece.'.$shape, ['piece' => $words->word('piece', $one->name), 'pieces' => $one->pieces, 'longCm' => $one->lengthMm / 10, 'wideCm' => $one->widthMm / 10, 'eachGrams' => $one->rolledGrams / $one->pieces])),
            $one->pieces, $one->isRound, round($one->lengthMm, 1), round($one->widthMm, 1), $one->thicknessMm, round($one->rolledGrams, 1), round($one->keptGrams, 1),
        );
    }
}
