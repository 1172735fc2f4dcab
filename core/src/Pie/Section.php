<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** The half section of a design, in mm from the axis and from the floor of the tin, for whoever draws it. */
final readonly class Section
{
    /**
     * @param  list<array<string, mixed>>  $layers
     * @param  array<string, float>  $tin
     */
    private function __construct(
        public array $tin,
        public array $layers,
        public ?float $custardLineMm,
        public float $fillTopMm,
        public float $headroomMm,
    ) {}

    public static function of(Balance $balance): self
    {
        $pie = $balance->pie;
        $lined = $balance->lined;
        $crustMm = $pie->crust->thicknessMm;
        $depth = static fn (float $ml): float => round($crustMm + $lined->depthForVolumeMm($ml), 2);

        $custardLeft = $balance->custardMl;
        $line = null;
        $heap = 0.0;
        $layers = [];
        foreach ($pie->solids() as $solid) {
            $gaps = $solid->heapMl() - $solid->trueMl();
            if ($custardLeft > 0 && $custardLeft < $gaps) {
                $line = $depth($heap + $solid->heapMl() * $custardLeft / $gaps);
            }
            $custardLeft = max(0.0, $custardLeft - $gaps);
            $layers[] = self::row($solid, $depth($heap), $depth($heap + $solid->heapMl()));
            $heap += $solid->heapMl();
        }
        $custard = $pie->custard();
        if ($custard !== null && $balance->custardMl > 0) {
            $line = $custardLeft > 0 ? $depth($heap + $custardLeft) : ($line ?? $depth($heap));
            $layers[] = self::pool($custard, $custardLeft > 0 ? $depth($heap) : $depth(0.0), $line);
        }
        $top = $balance->fillMm() + $crustMm;

        return new self(
            [
                'depthMm' => $pie->tin->depthMm(),
                'floorRadiusMm' => round($pie->tin->radiusMm(0), 2),
                'rimRadiusMm' => round($pie->tin->radiusMm($pie->tin->depthMm()), 2),
                'crustMm' => $crustMm,
                'linedFloorRadiusMm' => round($lined->radiusMm(0), 2),
                'linedRimRadiusMm' => round($lined->radiusMm($lined->depthMm()), 2),
            ],
            $layers,
            $line,
            round($top, 2),
            round($pie->tin->depthMm() - $top, 2),
        );
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
        $water = $solid->food->waterGrams($solid->bought->grams) - ($solid->bought->grams - $solid->now->grams);

        return $solid->grams() > 0 ? 100 * max(0.0, $water) / $solid->grams() : 0.0;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'tin' => $this->tin,
            'layers' => $this->layers,
            'custardLineMm' => $this->custardLineMm,
            'fillTopMm' => $this->fillTopMm,
            'headroomMm' => $this->headroomMm,
        ];
    }
}
