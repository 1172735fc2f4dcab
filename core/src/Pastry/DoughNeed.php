<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Pastry\Rolled\PastryPieces;
use Hojaldre\Core\Pastry\Sheet\Board;
use Hojaldre\Core\Pastry\Sheet\Cutter;
use Hojaldre\Core\Pastry\Sheet\Cutting;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\Tin;

/** How much dough is made for one tin, lined as usual: all that is rolled, with its trimmings or scraps, and what stays on bowl, board and pin. */
final readonly class DoughNeed
{
    /** Of what is rolled, on bowl, board and pin (common practice, no source). */
    public const LOST_SHARE = 0.01;

    public static function grams(Tin $tin, Crust $crust): float
    {
        $rolled = $tin instanceof FoldedPieces
            ? Cutting::forPieces($tin->pieces * $tin->fold->cuts(), Cutter::of($tin), $crust->thicknessMm, $crust->dough->gramsPerMl, Board::usual())->grams()
            : PastryPieces::of($tin, $crust, LiningChoice::usual())->rolledGrams();

        return (1 + self::LOST_SHARE) * $rolled;
    }
}
