<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Rolled;

use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\Tin;

/** The rolled dough of one pie, piece by piece. */
final readonly class PastryPieces
{
    /** A lid reaches this far beyond the inside of the rim, on the edge of the base or of the dish (common practice, no source). */
    private const LID_EDGE_MM = 6.0;

    /** A lid on a dish hooks over its rim and down outside (common practice, no source). */
    private const HOOK_MM = 15.0;

    /** @param  list<PastryPiece>  $pieces */
    private function __construct(public array $pieces, public ?Lattice $lattice)
    {
    }

    public static function of(Tin $tin, Crust $crust, LiningChoice $choice): self
    {
        $profile = TinProfile::of($tin);
        $isLined = $crust->lining === Lining::Tin;
        if ($tin instanceof FoldedPieces) {
            $grams = $tin->pieces * $tin->doughMm2() * $crust->thicknessMm / 1000 * $crust->dough->gramsPerMl;
            $cut = $tin->pieces * $tin->fold->cuts();

            return new self([new PastryPiece(PieceName::Fold, $cut, $tin->fold->isOfDiscs(), $tin->lengthMm, $tin->wideMm(), $crust->thicknessMm, $grams, $grams), ...self::loose($crust, $choice)], null);
        }
        $pieces = [];
        if ($isLined) {
            $pieces[] = self::base($tin, $crust, $profile, $choice->rim);
            if ($choice->doubleFloor) {
                $grams = $tin->floorAreaMm2() * $crust->thicknessMm / 1000 * $crust->dough->gramsPerMl;
                $pieces[] = new PastryPiece(PieceName::SecondFloor, $profile->tins, $profile->isRound, $profile->floorLengthMm, $profile->floorWidthMm, $crust->thicknessMm, $grams, $grams);
            }
        }
        $lid = $crust->lid;
        $lattice = null;
        if ($lid !== null && $lid->isLattice()) {
            $lattice = Lattice::over($profile, $choice->stripMm, $lid->openShare);
            $grams = $profile->tins * $lattice->areaMm2() * $lid->thicknessMm / 1000 * $crust->dough->gramsPerMl;
            $pieces[] = new PastryPiece(PieceName::Strips, $profile->tins * count($lattice->lengthsMm), false, $lattice->longestMm(), $lattice->stripMm, $lid->thicknessMm, $grams, $grams);
        } elseif ($lid !== null) {
            $edge = 2 * ($isLined ? self::LID_EDGE_MM : self::HOOK_MM);
            [$long, $wide] = [$profile->rimLengthMm + $edge, $profile->rimWidthMm + $edge];
            $grams = $profile->tins * $profile->areaMm2($long, $wide) * $lid->thicknessMm / 1000 * $crust->dough->gramsPerMl;
            $pieces[] = new PastryPiece(PieceName::Lid, $profile->tins, $profile->isRound, $long, $wide, $lid->thicknessMm, $grams, $grams * (1 - $lid->openShare));
        }

        return new self([...$pieces, ...self::loose($crust, $choice)], $lattice);
    }

    /** What is rolled for one pie, g. */
    public function rolledGrams(): float
    {
        return array_sum(array_map(static fn (PastryPiece $one): float => $one->rolledGrams, $this->pieces));
    }

    /** Raw trimmings of one pie, g. */
    public function backGrams(): float
    {
        return array_sum(array_map(static fn (PastryPiece $one): float => $one->backGrams(), $this->pieces));
    }

    /** Whether the trimmings of the base are enough for the strips; null where there are none to cut. */
    public function stripsFromTrimmings(): ?bool
    {
        $strips = $back = 0.0;
        foreach ($this->pieces as $one) {
            $strips += $one->name === PieceName::Strips ? $one->rolledGrams : 0.0;
            $back += $one->name === PieceName::Base ? $one->backGrams() : 0.0;
        }

        return $strips > 0 && $back > 0 ? $back >= $strips : null;
    }

    /** The floor and the sides are covered; what the sheet has more, its folds and what stands over the rim, is cut away. */
    private static function base(Tin $tin, Crust $crust, TinProfile $profile, RimFinish $rim): PastryPiece
    {
        [$long, $wide] = [$profile->sheetLengthMm($rim->overMm()), $profile->sheetWidthMm($rim->overMm())];
        $perMm2 = $crust->thicknessMm / 1000 * $crust->dough->gramsPerMl;
        $rolled = $profile->tins * $profile->areaMm2($long, $wide) * $perMm2;
        $lining = ($tin->floorAreaMm2() + $tin->wallAreaMm2()) * $perMm2;
        $edge = $profile->tins * $profile->rimOutlineMm() * $perMm2;

        return new PastryPiece(
            PieceName::Base, $profile->tins, $profile->isRound, $long, $wide, $crust->thicknessMm, $rolled,
            min($rolled, $lining + $rim->keptMm() * $edge), max(0.0, min($rolled - $lining, ($rim->bakedMm() - $rim->keptMm()) * $edge)),
        );
    }

    /** @return list<PastryPiece> what has no outline to measure */
    private static function loose(Crust $crust, LiningChoice $choice): array
    {
        $pieces = [];
        foreach ([[PieceName::Decoration, $choice->decorationGrams], [PieceName::Patch, $choice->patchGrams]] as [$name, $grams]) {
            if ($grams > 0) {
                $pieces[] = new PastryPiece($name, 1, false, 0.0, 0.0, $crust->thicknessMm, $grams, $grams);
            }
        }

        return $pieces;
    }
}
