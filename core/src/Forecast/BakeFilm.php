<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Bake\Grid;

/** The fields of a bake over time in whole numbers, cell by cell, as compact as a drawing needs. */
final readonly class BakeFilm
{
    private const KINDS = [Grid::FILLING => 'filling', Grid::CRUST => 'crust', Grid::LID => 'lid', Grid::TIN => 'tin', Grid::TOPPING => 'topping'];

    /** @return array<string, mixed> */
    public static function of(SimulatedBake $baked): array
    {
        $result = $baked->result;
        $grid = $result->grid();
        $dry = array_map(static fn (int $kind): float => $result->materials()->dryOf($kind), $grid->kind);

        return [
            'setsAtCelsius' => $baked->input->setsAtCelsius === null ? null : round($baked->input->setsAtCelsius, 1),
            'grid' => [
                'columns' => $grid->columns,
                'rows' => $grid->rows,
                'fillColumns' => $grid->fillColumns,
                'sideColumns' => $grid->sideColumns,
                'baseRows' => $grid->baseRows,
                'fillFrom' => $grid->fillFrom,
                'fillTo' => $grid->fillTo,
                'widthsMm' => array_map(static fn (float $m): float => round($m * 1000, 2), $grid->dr),
                'heightsMm' => array_map(static fn (float $m): float => round($m * 1000, 2), $grid->dz),
                'kinds' => array_map(static fn (int $kind): string => self::KINDS[$kind], $grid->kind),
            ],
            'frames' => array_map(static fn (array $frame): array => [
                'stage' => $frame['stage'],
                'minute' => round($frame['minute'], 2),
                'celsius' => array_map(static fn (float $t): int => (int) round($t), $frame['T']),
                'waterPercent' => array_map(static fn (float $w, float $d): int => $w + $d > 0 ? (int) round(100 * max(0.0, $w) / ($w + $d)) : 0, $frame['W'], $dry),
                'setPercent' => self::set($frame['peak'], $frame['dose'], $baked->input->setsAtCelsius),
                'topBrown' => array_map(static fn (float $brown): float => round($brown, 2), $frame['top']),
                'rimBrown' => round($frame['rim'], 2),
                'underBrown' => round($frame['base'], 2),
                'insideBrown' => round($frame['inside'], 2),
            ], $result->film->frames),
        ];
    }

    /**
     * 0 liquid to 100 set, and on to 200 where it is over-cooked through and through.
     *
     * @param  array<int, float>  $peak
     * @param  array<int, float>  $dose
     * @return list<int>
     */
    private static function set(array $peak, array $dose, ?float $sets): array
    {
        return array_map(
            static fn (float $t, float $d): int => $sets === null ? 0 : (int) round(100 * min(1.0, max(0.0, ($t - $sets + 6) / 6)) + ($d > 1 ? min(100.0, 50 * log10($d)) : 0.0)),
            $peak, $dose,
        );
    }
}
