<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** More or less of the dairy there is most of. */
final readonly class MoveDairy implements Lever
{
    /** @param  int  $sign +1 adds, -1 leaves out */
    public function __construct(private CustardLayer $custard, private int $sign)
    {
    }

    public function id(): string
    {
        return $this->sign > 0 ? 'add-dairy' : 'leave-out-dairy';
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        $main = $this->main();

        return $main === null ? 0.0 : floor($this->sign > 0 ? max(500.0, $main->grams()) : $main->grams());
    }

    public function step(Pie $pie): float
    {
        return 5.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $main = $this->main();
        $dairies = array_map(
            fn (Ingredient $dairy): Ingredient => $dairy === $main ? $dairy->with(max(0.0, $dairy->grams() + $this->sign * $by)) : $dairy,
            $this->custard->dairies,
        );

        return $pie->withLayer($this->custard->with($this->custard->eggs, $dairies));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement($this->sign > 0 ? 'act.add-dairy' : 'act.leave-out-dairy', ['amountGrams' => $by, 'food' => $this->main()->food->name ?? '']);
    }

    private function main(): ?Ingredient
    {
        $dairies = $this->custard->dairies;
        usort($dairies, static fn (Ingredient $a, Ingredient $b): int => $b->grams() <=> $a->grams());

        return $dairies[0] ?? null;
    }
}
