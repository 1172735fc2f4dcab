<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use Hojaldre\Core\Bake\Grid;

#[Schema('FilmGrid')]
final readonly class FilmGridAnswer
{
    private const KINDS = [Grid::FILLING => 'filling', Grid::CRUST => 'crust', Grid::LID => 'lid', Grid::TIN => 'tin', Grid::TOPPING => 'topping'];

    /**
     * @param  list<float>  $widthsMm
     * @param  list<float>  $heightsMm
     * @param  list<'filling'|'crust'|'lid'|'tin'|'topping'>  $kinds  by row from below, each from the axis
     */
    private function __construct(
        public int $columns,
        public int $rows,
        public int $fillColumns,
        public int $sideColumns,
        public int $baseRows,
        public int $fillFrom,
        public int $fillTo,
        public array $widthsMm,
        public array $heightsMm,
        public array $kinds,
    ) {
    }

    public static function of(Grid $grid): self
    {
        $mm = static fn (float $metres): float => round($metres * 1000, 2);

        return new self(
            $grid->columns, $grid->rows, $grid->fillColumns, $grid->sideColumns, $grid->baseRows, $grid->fillFrom, $grid->fillTo,
            array_map($mm, $grid->dr), array_map($mm, $grid->dz), array_map(static fn (int $kind): string => self::KINDS[$kind], $grid->kind),
        );
    }
}
