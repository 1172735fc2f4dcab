<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\FoldShape;

/** The half section of a design, in mm from the axis and from the floor of the tin, for whoever draws it. */
final readonly class Section
{
    /** Room that a custard needs above the gaps to be a layer of its own, ml (definition). */
    private const POOL = 0.5;

    /** @param  list<SectionLayer>  $layers */
    private function __construct(
        public Form $form,
        public ?FoldShape $fold,
        public ?Lid $lid,
        public SectionTin $tin,
        public array $layers,
        public ?float $custardLineMm,
        public float $fillTopMm,
        public float $headroomMm,
    ) {
    }

    public static function of(Weights $weights): self
    {
        $pie = $weights->pie;
        $lined = $weights->lined;
        $crustMm = $pie->crust->liningThicknessMm();
        // what is folded into a disc is pressed together
        $heap = max($weights->solidMl + $weights->custardMl, $weights->heapMl);
        $pressed = $pie->form() === Form::Folded && $heap > 0 ? $lined->volumeMl($weights->fillMm()) / $heap : 1.0;
        $depth = static fn (float $ml): float => $crustMm + $lined->depthForVolumeMm($ml * $pressed);

        $gaps = $weights->heapMl - $weights->solidMl;
        // what is left of the custard once the gaps between all solids are full stands where it was poured
        $pool = max(0.0, $weights->custardMl - $gaps);
        $line = match (true) {
            $weights->custardMl <= 0 => null,
            $weights->custardMl >= $gaps => $depth($weights->heapMl + $pool),
            default => $depth(self::halfFull($pie, $weights->custardMl)),
        };
        $from = 0.0;
        $layers = [];
        foreach ($pie->layers as $layer) {
            $room = $layer instanceof SolidLayer || $layer instanceof ScatteredLayer ? $layer->heapMl() : $pool;
            if (! $layer instanceof CustardLayer || $pool > self::POOL) {
                $layers[] = SectionLayer::of($layer, $depth($from), $depth($from + $room));
            } elseif ($line !== null) {
                $layers[] = SectionLayer::of($layer, $depth(0.0), $line);
            }
            $from += $room;
        }
        $top = $weights->fillMm() + $crustMm;
        $isFold = $pie->form() === Form::Folded;
        // a fold has no tin: its own crust is the wall
        $wallMm = $isFold ? $crustMm : 0.0;
        $tin = SectionTin::of($pie->tin, $lined, $crustMm, $wallMm);

        return new self(
            $pie->form(),
            $pie->tin instanceof FoldedPieces ? $pie->tin->fold : null,
            $isFold ? new Lid($crustMm, $pie->crust->lid->openShare ?? BakeInputs::FOLD_OPEN_SHARE, $pie->crust->lid->glaze ?? BakeInputs::FOLD_GLAZE, $pie->crust->lid->ventedLate ?? false) : $pie->crust->lid,
            $tin, $layers, $line, $top, $tin->depthMm - $top,
        );
    }

    /** Up to where the heap is full, ml of heap, when the custard does not fill all its gaps. */
    private static function halfFull(Pie $pie, float $custardMl): float
    {
        $heap = 0.0;
        foreach ($pie->solids() as $solid) {
            $gaps = $solid->heapMl() - $solid->trueMl();
            if ($custardMl < $gaps) {
                return $heap + $solid->heapMl() * $custardMl / $gaps;
            }
            $custardMl -= $gaps;
            $heap += $solid->heapMl();
        }

        return $heap;
    }
}
