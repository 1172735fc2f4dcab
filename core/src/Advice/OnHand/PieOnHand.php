<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\OnHand;

use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\ReadingState;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\PieKind;

/** A pie that can be made of what is there, with the readings it would get. */
final readonly class PieOnHand
{
    /** What counts against it: not safe, in trouble, at a limit, a dough that is not there; and for it: each food used (judgement). */
    private const UNSAFE = 5.0;

    private const OUTSIDE = 3.0;

    private const MARGINAL = 1.0;

    private const MISSING = 1.5;

    private const USED = 0.7;

    /**
     * @param  list<Food>  $fills  what fills it, the first the most
     * @param  list<Food>  $missing  that it wants and nobody ticked
     */
    public function __construct(public PieKind $kind, public Forecast $forecast, public array $fills, public array $missing)
    {
    }

    /** @return list<string> ids of all that is in it, salt aside */
    private function used(): array
    {
        $ids = [];
        foreach ($this->forecast->pie->layers as $layer) {
            $ids = [...$ids, ...array_map(static fn (Ingredient $one): string => $one->food->id, $layer->ingredients())];
        }

        return array_values(array_unique($ids));
    }

    /** The more the better. */
    public function worth(): float
    {
        $against = array_map(static fn (Reading $one): float => match ($one->state) {
            ReadingState::Outside => $one->name === ReadingName::Safe ? self::UNSAFE : self::OUTSIDE,
            ReadingState::Marginal => self::MARGINAL,
            default => 0.0,
        }, $this->forecast->readings);

        return self::USED * count($this->used()) - array_sum($against) - self::MISSING * count($this->missing);
    }
}
