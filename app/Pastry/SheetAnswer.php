<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pastry\Sheet\Layout;
use Hojaldre\Core\Pastry\Sheet\Placement;
use Hojaldre\Core\Pastry\Sheet\RolledSheet;

/** One sheet, or several alike. */
#[Schema('Sheet')]
final readonly class SheetAnswer
{
    /**
     * @param  int  $sheets  alike
     * @param  string  $laid  how the pieces lie
     * @param  list<PlacementAnswer>  $placements  of one sheet, in the order they are cut
     */
    private function __construct(public float $widthMm, public float $lengthMm, public int $sheets, public string $laid, public array $placements)
    {
    }

    /** Drawn lying: longer than high. */
    public static function of(RolledSheet $sheet, Words $words): self
    {
        $layout = $sheet->packing->best;
        $isLying = $sheet->widthMm >= $sheet->lengthMm;
        $drawn = $isLying ? $layout : self::fromTheTop($layout->mirrored());

        return new self(
            round(max($sheet->widthMm, $sheet->lengthMm), 1), round(min($sheet->widthMm, $sheet->lengthMm), 1), $sheet->sheets, $words->word('laid', $layout->kind),
            array_map(static fn (Placement $one): PlacementAnswer => new PlacementAnswer(round($one->xMm, 1), round($one->yMm, 1), $one->quarters), $drawn->pieces),
        );
    }

    /** Numbered as one reads. */
    private static function fromTheTop(Layout $layout): Layout
    {
        $pieces = $layout->pieces;
        usort($pieces, static fn (Placement $a, Placement $b): int => [round($a->yMm), $a->xMm] <=> [round($b->yMm), $b->xMm]);

        return new Layout($layout->kind, $pieces);
    }
}
