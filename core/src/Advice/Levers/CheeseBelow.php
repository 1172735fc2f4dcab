<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pastry\Underlay;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** The cheese that is in it anyway, laid on the crust under the wet things. */
final readonly class CheeseBelow implements Lever
{
    public function id(): string
    {
        return 'cheese-below';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        return $this->cheese($pie) === null || $pie->underlay() !== Underlay::None ? 0.0 : 1.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $cheese = $this->cheese($pie);
        $others = array_values(array_filter($pie->layers, static fn (Layer $layer): bool => $layer !== $cheese));

        return $cheese === null ? $pie : $pie->withLayers([$cheese, ...$others]);
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.cheese-below', ['food' => $this->cheese($pie)->food->name ?? '']);
    }

    private function cheese(Pie $pie): ?SolidLayer
    {
        foreach ($pie->solids() as $solid) {
            if ($solid->food->isCheese() && $solid->now->grams >= 20) {
                return $solid;
            }
        }

        return null;
    }
}
