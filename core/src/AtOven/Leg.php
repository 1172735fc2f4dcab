<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** One way through the oven: its gate, and its acts in the order in which they come. */
final readonly class Leg
{
    /**
     * @param  list<GateItem>  $gate
     * @param  non-empty-list<OvenAct>  $acts
     */
    public function __construct(public LegName $name, public array $gate, public array $acts)
    {
    }

    public function act(string $id): ?OvenAct
    {
        foreach ($this->acts as $act) {
            if ($act->id === $id) {
                return $act;
            }
        }

        return null;
    }
}
