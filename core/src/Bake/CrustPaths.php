<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The crust as paths of cells from outside in: up the base, in through the side, down the lid. Water in pastry is followed along
 * these, since a crust is thin and what it meets lies at both ends.
 */
final readonly class CrustPaths
{
    public const BASE = 0;

    public const SIDE = 1;

    /** A kind of path (definition). */
    public const LID = 2;

    /** Pastry with no filling behind it: corners, the overhang of a lid, and all of an empty shell (definition). */
    public const ALONE = 3;

    /** @param  list<array{int, int, int, float, int, float, int<0, 3>}>  $all first cell, stride, count, face m2, filling cell or -1, its thickness m, kind */
    private function __construct(public array $all)
    {
    }

    public static function of(Grid $grid, bool $isShell): self
    {
        return new self([
            ...($grid->baseRows > 0 ? [...self::base($grid, $isShell), ...self::side($grid, $isShell)] : []),
            ...($isShell ? [] : self::lid($grid)),
        ]);
    }

    /** @return list<array{int, int, int, float, int, float, int<0, 3>}> */
    private static function base(Grid $grid, bool $isShell): array
    {
        $paths = [];
        for ($i = 0; $i < $grid->fillColumns + $grid->sideColumns; $i++) {
            $isOpen = $i < $grid->fillColumns && ! $isShell;
            $paths[] = [
                $grid->columns + $i, $grid->columns, $grid->baseRows, $grid->area[$i],
                $isOpen ? $grid->fillFrom * $grid->columns + $i : -1, $grid->dz[$grid->fillFrom], $isOpen ? self::BASE : self::ALONE,
            ];
        }

        return $paths;
    }

    /** @return list<array{int, int, int, float, int, float, int<0, 3>}> */
    private static function side(Grid $grid, bool $isShell): array
    {
        $inner = $grid->fillColumns - 1;
        $paths = [];
        for ($j = $grid->fillFrom; $j <= $grid->fillTo; $j++) {
            $paths[] = [
                $j * $grid->columns + $inner + $grid->sideColumns, -1, $grid->sideColumns, $grid->around[$inner] * $grid->dz[$j],
                $isShell ? -1 : $j * $grid->columns + $inner, $grid->dr[$inner], $isShell ? self::ALONE : self::SIDE,
            ];
        }

        return $paths;
    }

    /** @return list<array{int, int, int, float, int, float, int<0, 3>}> */
    private static function lid(Grid $grid): array
    {
        $top = $grid->rows - 1;
        $paths = [];
        for ($i = 0; $top > $grid->fillTo && $i < $grid->columns; $i++) {
            $isOver = $i < $grid->fillColumns;
            $paths[] = [
                $top * $grid->columns + $i, -$grid->columns, $top - $grid->fillTo, $grid->area[$i],
                $isOver ? $grid->fillTo * $grid->columns + $i : -1, $grid->dz[$grid->fillTo], $isOver ? self::LID : self::ALONE,
            ];
        }

        return $paths;
    }
}
