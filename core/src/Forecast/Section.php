<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\ScatteredLayer;
use Hojaldre\Core\Pie\SolidLayer;

/** The half section of a design, in mm from the axis and from the floor of the tin, for whoever draws it. */
final readonly class Section
{
    /**
     * @param  list<array<string, mixed>>  $layers
     * @param  array<string, float>  $tin
     */
    private function __construct(
        public Form $form,
        public ?Lid $lid,
        public string $across,
        public array $tin,
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
        $depth = static fn (float $ml): float => round($crustMm + $lined->depthForVolumeMm($ml * $pressed), 2);

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
            if ($layer instanceof SolidLayer) {
                $layers[] = self::row($layer, $depth($from), $depth($from + $room));
            } elseif ($layer instanceof ScatteredLayer) {
                $layers[] = self::scattered($layer, $depth($from), $depth($from + $room));
            } elseif ($layer instanceof CustardLayer && $line !== null) {
                $layers[] = $pool > 0.5 ? self::pool($layer, $depth($from), $depth($from + $room)) : self::pool($layer, $depth(0.0), $line);
            }
            $from += $room;
        }
        $top = $weights->fillMm() + $crustMm;
        $folded = $pie->form() === Form::Folded;
        // a fold has no tin: its own crust is the wall
        $wallMm = $folded ? $crustMm : 0.0;
        $depthMm = $pie->tin->depthMm() + $wallMm;

        return new self(
            $pie->form(),
            $folded ? new Lid($crustMm, 0.01, 'egg') : $pie->crust->lid,
            $pie->tin->across(),
            [
                'depthMm' => round($depthMm, 2),
                'floorRadiusMm' => round($pie->tin->radiusMm(0) + $wallMm, 2),
                'rimRadiusMm' => round($pie->tin->radiusMm($pie->tin->depthMm()) + $wallMm, 2),
                'crustMm' => $crustMm,
                'linedFloorRadiusMm' => round($lined->radiusMm(0), 2),
                'linedRimRadiusMm' => round($lined->radiusMm($lined->depthMm()), 2),
            ],
            $layers,
            $line,
            round($top, 2),
            round($depthMm - $top, 2),
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

    /** @return array<string, mixed> */
    private static function row(SolidLayer $solid, float $bottomMm, float $topMm): array
    {
        return [
            'id' => $solid->id,
            'kind' => 'solid',
            'texture' => $solid->food->texture->value,
            'bottomMm' => $bottomMm,
            'topMm' => $topMm,
            'packing' => round($solid->heapMl() > 0 ? $solid->trueMl() / $solid->heapMl() : 0.0, 3),
            'waterPercent' => round(self::waterPercent($solid), 1),
            'crumbs' => $solid->binder !== null,
        ];
    }

    /** @return array<string, mixed> */
    private static function scattered(ScatteredLayer $layer, float $bottomMm, float $topMm): array
    {
        return [
            'id' => $layer->id,
            'kind' => 'absorbent',
            'texture' => $layer->scattered->food->texture->value,
            'bottomMm' => $bottomMm,
            'topMm' => $topMm,
            'packing' => round($layer->scattered->food->packing(), 3),
            'waterPercent' => $layer->scattered->food->per100g->water,
            'crumbs' => true,
        ];
    }

    /** @return array<string, mixed> */
    private static function pool(CustardLayer $custard, float $bottomMm, float $topMm): array
    {
        $water = 0.0;
        foreach ($custard->ingredients() as $ingredient) {
            $water += $ingredient->food->waterGrams($ingredient->grams());
        }

        return [
            'id' => $custard->id,
            'kind' => 'custard',
            'texture' => 'plain',
            'bottomMm' => $bottomMm,
            'topMm' => $topMm,
            'packing' => 1.0,
            'waterPercent' => round(100 * $water / max(1e-9, $custard->grams()), 1),
            'crumbs' => false,
        ];
    }

    private static function waterPercent(SolidLayer $solid): float
    {
        $water = $solid->food->waterGrams($solid->bought->grams) - $solid->food->waterShareOfLoss() * ($solid->bought->grams - $solid->now->grams);

        return $solid->grams() > 0 ? 100 * max(0.0, $water) / $solid->grams() : 0.0;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'form' => $this->form->value,
            'lid' => $this->lid?->toArray(),
            'across' => $this->across,
            'tin' => $this->tin,
            'layers' => $this->layers,
            'custardLineMm' => $this->custardLineMm,
            'fillTopMm' => $this->fillTopMm,
            'headroomMm' => $this->headroomMm,
        ];
    }
}
