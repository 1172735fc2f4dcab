<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Oven\OvenMode;

/** What of an order goes through the oven together: as many as an oven takes. */
final readonly class Load
{
    /** Folded pieces that lie on one tray (common practice, no source). */
    private const PIECES_A_TRAY = 8;

    /** @param  int  $number  of the load, from 1 */
    private function __construct(public string $id, public Order $order, public PieOfBatch $pies, public int $number, public int $loads)
    {
    }

    /**
     * As few loads as the ovens and the tins there are allow, of even size.
     *
     * @return list<self> none where it goes into no oven
     */
    public static function of(Order $order, PieOfBatch $pies, Day $day): array
    {
        $footprint = Footprint::of($pies->pie->tin);
        $most = max([0, ...array_map(static fn (DayOven $oven): int => $footprint->aShelf($oven) * $oven->shelves, $day->kitchen->ovens)]);
        $most = min($most, $order->tins ?? $most);
        if ($most < 1) {
            return [];
        }
        $loads = (int) ceil($order->count / $most);
        $made = [];
        $left = $order->count;
        for ($number = 1; $number <= $loads; $number++) {
            $count = (int) ceil($left / ($loads - $number + 1));
            $left -= $count;
            $made[] = new self("$order->id.$number", $order, $pies->of($count), $number, $loads);
        }

        return $made;
    }

    public function count(): int
    {
        return $this->pies->line->count;
    }

    /**
     * The ovens that take it, at the heats that are wanted.
     *
     * @param  list<array{fromMinute: int, minutes: int, celsius: float, mode: OvenMode}>  $stages
     * @return list<OvenOption>
     */
    public function ovens(array $stages, Day $day): array
    {
        $options = [];
        foreach ($day->kitchen->ovens as $oven) {
            $aShelf = Footprint::of($this->pies->pie->tin)->aShelf($oven);
            $shelves = $aShelf < 1 ? PHP_INT_MAX : (int) ceil($this->count() / $aShelf);
            if ($shelves <= $oven->shelves) {
                $options[] = new OvenOption($oven->id, $shelves, array_map(static fn (array $one): HeatPart => new HeatPart($one['fromMinute'], $one['minutes'], $oven->celsius($one['celsius'], $one['mode'])), $stages));
            }
        }

        return $options;
    }

    /** Trays or tins that it takes on a rack or in the fridge. */
    public function trays(): int
    {
        return $this->pies->folded() === null ? $this->count() : (int) ceil($this->count() / self::PIECES_A_TRAY);
    }
}
