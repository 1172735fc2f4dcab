<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The crust as lines of cells from outside in: up the base, in through the side, down the lid. Water in pastry is followed along
 * these, since a crust is thin and what it meets lies at both ends.
 */
final readonly class CrustPaths
{
    public const BASE = 0;

    public const SIDE = 1;

    public const LID = 2;

    /** Pastry with no filling behind it: corners, the overhang of a lid, and all of an empty shell. */
    public const ALONE = 3;

    /** @param  list<array{int, int, int, float, float, int, float, int<0, 3>}>  $all first cell, stride, count, thickness of a cell m, face m2, filling cell or -1, its thickness m, kind */
    private function __construct(public array $all)
    {
    }

    public static function of(Grid $grid, bool $isShell): self
    {
        $columns = $grid->columns;
        $fill = $grid->fillColumns;
        $side = $fill + $grid->sideColumns;
        $paths = [];
        if ($grid->baseRows > 0) {
            for ($i = 0; $i < $side; $i++) {
                $open = $i < $fill && ! $isShell;
                $paths[] = [$columns + $i, $columns, $grid->baseRows, $grid->dz[1], $grid->area[$i], $open ? $grid->fillFrom * $columns + $i : -1, $grid->dz[$grid->fillFrom], $open ? self::BASE : self::ALONE];
            }
            for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
                $cell = $j * $columns + $fill - 1;
                $paths[] = [$j * $columns + $side - 1, -1, $grid->sideColumns, $grid->dr[$fill], $grid->around[$fill - 1] * $grid->dz[$j], $isShell ? -1 : $cell, $grid->dr[$fill - 1], $isShell ? self::ALONE : self::SIDE];
            }
        }
        $lidRows = $grid->rows - 1 - $grid->fillTo;
        if ($lidRows > 0 && ! $isShell) {
            for ($i = 0; $i < $columns; $i++) {
                $over = $i < $fill;
                $paths[] = [($grid->rows - 1) * $columns + $i, -$columns, $lidRows, $grid->dz[$grid->rows - 1], $grid->area[$i], $over ? $grid->fillTo * $columns + $i : -1, $grid->dz[$grid->fillTo], $over ? self::LID : self::ALONE];
            }
        }

        return new self($paths);
    }
}
