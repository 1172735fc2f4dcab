<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/**
 * The half section cut into cells. Rows from below: tin, base, filling, lid; columns from the axis: filling, side crust, wall of
 * the tin. A cell is numbered row x columns + column. Round pies are rings about the axis, oblong ones slabs along their length.
 */
final readonly class Grid
{
    public const FILLING = 0;

    public const CRUST = 1;

    /** A kind of cell (definition). */
    public const LID = 2;

    /** A kind of cell (definition). */
    public const TIN = 3;

    /** The skin of an open filling, where another thing lies on top (definition). */
    public const TOPPING = 4;

    /** Cells of a crust, up and across (numerics). */
    private const CRUST_ROWS = 4;

    private const SIDE_COLUMNS = 3;

    /** The two topmost rows of a filling, its skin, whatever the grid: 0.5 and 0.8 mm (numerics). */
    private const SKIN_METRES = [0.0008, 0.0005];

    /** The outermost column of a filling (numerics). */
    private const EDGE_METRES = 0.002;

    /** A row is asked at so many heights what it has at first (numerics). */
    private const START_PARTS = 8;

    /** Rows of a lid from below: thin above, where it dries and browns first (numerics). */
    private const LID_SHARES = [0.35, 0.3, 0.22, 0.13];

    /**
     * @param  int  $columns  all columns
     * @param  int  $rows  all rows
     * @param  int  $fillColumns  those of the filling, from the axis
     * @param  int  $sideColumns  those of the side crust beyond
     * @param  int  $baseRows  those of the base above the tin's one
     * @param  int  $fillFrom  first row of the filling
     * @param  int  $fillTo  last row of the filling
     * @param  list<float>  $dz  height of each row, m
     * @param  list<float>  $dr  width of each column, m
     * @param  list<float>  $area  seen from above, of each column, m2
     * @param  list<float>  $around  area of the outer face of each column for each m of height, m
     * @param  list<int>  $kind  of each cell
     * @param  list<float>  $m3  volume of each cell
     */
    private function __construct(
        public int $columns,
        public int $rows,
        public int $fillColumns,
        public int $sideColumns,
        public int $baseRows,
        public int $fillFrom,
        public int $fillTo,
        public array $dz,
        public array $dr,
        public array $area,
        public array $around,
        public array $kind,
        public array $m3,
    ) {
    }

    public static function of(BakeInput $input, float $fillingM3, Resolution $resolution): self
    {
        $fillColumns = $resolution->fillColumns;
        $fillRows = $resolution->fillRows;
        $baseRows = $input->isLined ? self::CRUST_ROWS : 0;
        $sideColumns = $input->isLined ? self::SIDE_COLUMNS : 0;
        $area = $input->lengthMm === null ? M_PI * ($input->radiusMm / 1000) ** 2 : 2 * $input->radiusMm * $input->lengthMm * 1e-6;
        $dz = self::heights($input, $fillingM3 / $area, $baseRows, $fillRows);
        $dr = self::acrossColumns($input, $fillColumns, $sideColumns);
        [$area, $around] = self::areas($dr, $input->lengthMm === null ? null : $input->lengthMm / 1000);
        $fillFrom = 1 + $baseRows;
        $fillTo = $baseRows + $fillRows;

        return new self(
            count($dr), count($dz), $fillColumns, $sideColumns, $baseRows, $fillFrom, $fillTo, $dz, $dr, $area, $around,
            self::kinds(count($dr), count($dz), $fillColumns, $fillColumns + $sideColumns, $fillFrom, $fillTo, $input->toppingKg !== null),
            array_merge(...array_map(static fn (float $high): array => array_map(static fn (float $m2): float => $m2 * $high, $area), $dz)),
        );
    }

    /** @return list<float> m */
    private static function heights(BakeInput $input, float $depthMetres, int $baseRows, int $fillRows): array
    {
        $dz = [$input->tinMaterial->metres()];
        for ($j = 0; $j < $baseRows; $j++) {
            $dz[] = $input->crustMm / 1000 / $baseRows;
        }
        $skin = min(1.0, $depthMetres / (4 * array_sum(self::SKIN_METRES)));
        $inner = $depthMetres - $skin * array_sum(self::SKIN_METRES);
        for ($j = 0; $j < $fillRows - 2; $j++) {
            $dz[] = $inner / ($fillRows - 2);
        }
        foreach (self::SKIN_METRES as $metres) {
            $dz[] = $skin * $metres;
        }
        foreach ($input->lidMm > 0 ? self::LID_SHARES : [] as $share) {
            $dz[] = $input->lidMm / 1000 * $share;
        }

        return $dz;
    }

    /** @return list<float> m */
    private static function acrossColumns(BakeInput $input, int $fillColumns, int $sideColumns): array
    {
        $dr = self::widths($input->radiusMm / 1000, $fillColumns);
        for ($i = 0; $i < $sideColumns; $i++) {
            $dr[] = $input->crustMm / 1000 / $sideColumns;
        }

        return $input->hasWall ? [...$dr, $input->tinMaterial->metres()] : $dr;
    }

    /** @return list<int> all cells of the filling, from below, each row from the axis */
    public function fillCells(): array
    {
        $cells = [];
        for ($j = $this->fillFrom; $j <= $this->fillTo; $j++) {
            array_push($cells, ...range($j * $this->columns, $j * $this->columns + $this->fillColumns - 1));
        }

        return $cells;
    }

    /** @return array<int, float> what each row of the filling has when it goes in, the mean over its height, °C */
    public function fillingStarts(BakeInput $input): array
    {
        $all = array_sum(array_slice($this->dz, $this->fillFrom, $this->fillTo - $this->fillFrom + 1));
        $starts = [];
        $below = 0.0;
        for ($j = $this->fillFrom; $j <= $this->fillTo; $j++) {
            $sum = 0.0;
            for ($part = 0; $part < self::START_PARTS; $part++) {
                $sum += $input->startsAt(($below + ($part + 0.5) / self::START_PARTS * $this->dz[$j]) / $all);
            }
            $starts[$j] = $sum / self::START_PARTS;
            $below += $this->dz[$j];
        }

        return $starts;
    }

    /** Area of the filling seen from above, m2. */
    public function fillArea(): float
    {
        return (float) array_sum(array_slice($this->area, 0, $this->fillColumns));
    }

    /**
     * Geometric, finest at the edge, where the heat comes from the side.
     *
     * @return list<float>
     */
    private static function widths(float $radius, int $count): array
    {
        $edge = min(self::EDGE_METRES, $radius / $count);
        $low = 1.0;
        $high = 4.0;
        for ($n = 0; $n < 50; $n++) {
            $ratio = ($low + $high) / 2;
            $sum = 0.0;
            for ($i = 0; $i < $count; $i++) {
                $sum += $edge * $ratio ** $i;
            }
            [$low, $high] = $sum < $radius ? [$ratio, $high] : [$low, $ratio];
        }
        $widths = [];
        for ($i = $count - 1; $i >= 0; $i--) {
            $widths[] = $edge * $low ** $i;
        }
        $scale = $radius / array_sum($widths);

        return array_map(static fn (float $width): float => $width * $scale, $widths);
    }

    /**
     * @param  list<float>  $dr
     * @return array{list<float>, list<float>}
     */
    private static function areas(array $dr, ?float $length): array
    {
        $area = $around = [];
        $r = 0.0;
        foreach ($dr as $width) {
            $area[] = $length === null ? M_PI * (($r + $width) ** 2 - $r ** 2) : 2 * $length * $width;
            $r += $width;
            $around[] = $length === null ? 2 * M_PI * $r : 2 * $length;
        }

        return [$area, $around];
    }

    /** @return list<int> */
    private static function kinds(int $columns, int $rows, int $side, int $wall, int $fillFrom, int $fillTo, bool $topped): array
    {
        $kind = [];
        for ($j = 0; $j < $rows; $j++) {
            for ($i = 0; $i < $columns; $i++) {
                $kind[] = match (true) {
                    $j > $fillTo => self::LID,
                    $j === 0 || $i >= $wall => self::TIN,
                    $j < $fillFrom || $i >= $side => self::CRUST,
                    $topped && $j > $fillTo - count(self::SKIN_METRES) => self::TOPPING,
                    default => self::FILLING,
                };
            }
        }

        return $kind;
    }
}
