<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Where a pie, or its empty shell, ends: the topmost cell of each column, and the first of each row from the axis. */
final readonly class Outline
{
    /**
     * @param  array<int, int>  $top  row of the topmost cell of each column
     * @param  array<int, int>  $first  first column of each row
     */
    private function __construct(public array $top, public array $first, public bool $isShell)
    {
    }

    public static function ofPie(Grid $grid): self
    {
        return new self(array_fill(0, $grid->columns, $grid->rows - 1), array_fill(0, $grid->rows, 0), false);
    }

    public static function ofShell(Grid $grid): self
    {
        $top = array_fill(0, $grid->columns, $grid->fillTo);
        for ($i = 0; $i < $grid->fillColumns; $i++) {
            $top[$i] = $grid->baseRows;
        }
        $first = array_fill(0, $grid->rows, $grid->fillColumns);
        for ($j = 0; $j <= $grid->baseRows; $j++) {
            $first[$j] = 0;
        }

        return new self($top, $first, true);
    }
}
