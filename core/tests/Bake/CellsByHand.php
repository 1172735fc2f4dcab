<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Bake;

use Hojaldre\Core\Bake\BakeInput;
use Hojaldre\Core\Bake\CellMaterials;
use Hojaldre\Core\Bake\Cells;
use Hojaldre\Core\Bake\CrustPaths;
use Hojaldre\Core\Bake\Grid;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Weights;
use PHPUnit\Framework\TestCase;

/** One pie cut into cells that a test fills itself: 3.5 mm of crust under and around 30 mm of filling, in a tin of dark steel. */
abstract class CellsByHand extends TestCase
{
    protected const OPEN = 'deep fluted 23 cm, 180 °C weighted 11, sealed bare 3; eggs, cream, cooked onion; 180 °C';

    /** A row of the base, m: a quarter of 3.5 mm. */
    protected const BASE_ROW = 0.000875;

    protected BakeInput $input;

    protected CellMaterials $materials;

    protected Grid $grid;

    protected Cells $cells;

    protected function setUp(): void
    {
        $this->cut(self::OPEN);
    }

    /** Another pie of practice, filled to 30 mm. */
    protected function cut(string $case): void
    {
        $this->input = BakeInputs::of(Weights::of(Practice::timed()[$case][0]));
        $this->materials = new CellMaterials($this->input);
        $this->grid = Grid::of($this->input, 0.03 * M_PI * $this->input->radiusMm ** 2 * 1e-6, Resolution::fine());
        $this->cells = new Cells(count($this->grid->kind), $this->grid->columns);
    }

    protected function paths(): CrustPaths
    {
        return CrustPaths::of($this->grid, false);
    }

    protected function cell(int $row, int $column = 0): int
    {
        return $row * $this->grid->columns + $column;
    }

    /** All cells of a kind. */
    protected function fill(string $what, int $kind, float $value): void
    {
        foreach ($this->grid->kind as $cell => $one) {
            if ($one === $kind) {
                $this->cells->{$what}[$cell] = $value;
            }
        }
    }
}
