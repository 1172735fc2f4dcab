<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Statement\Statement;

/** One egg more or less, or several: whole eggs, as they come. */
final readonly class MoveEggs implements Lever
{
    /** A limit of ours (definition). */
    private const MOST = 6.0;

    /** @param  int  $sign +1 adds, -1 leaves out */
    public function __construct(private CustardLayer $custard, private int $sign)
    {
    }

    public function id(): string
    {
        return $this->sign > 0 ? 'add-eggs' : 'leave-out-eggs';
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        return $this->sign > 0 ? self::MOST : max(0.0, floor($this->whole()->grams() / $this->eggGrams()) - 1);
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $whole = $this->whole();
        $moved = $whole->with($whole->grams() + $this->sign * $by * $this->eggGrams());
        $eggs = array_map(static fn (Ingredient $egg): Ingredient => $egg->food->id === $whole->food->id ? $moved : $egg, $this->custard->eggs);
        if ($whole->grams() === 0.0 && ! in_array($moved, $eggs, true)) {
            $eggs[] = $moved;
        }

        return $pie->withLayer($this->custard->with($eggs, $this->custard->dairies));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement($this->sign > 0 ? 'act.add-eggs' : 'act.leave-out-eggs', ['eggs' => (int) $by]);
    }

    /** The whole eggs that are in it, or none of a large one. */
    private function whole(): Ingredient
    {
        foreach ($this->custard->eggs as $egg) {
            if ($egg->food->eggsPer100g >= 1.9 && $egg->food->eggsPer100g <= 2.1) {
                return $egg;
            }
        }

        return new Ingredient(Pantry::food('egg'), new Amount('0 large', 0.0));
    }

    private function eggGrams(): float
    {
        $whole = $this->whole();

        return $whole->food->pieces[$whole->amount->piece($whole->food) ?? 'large'] ?? 50.0;
    }
}
