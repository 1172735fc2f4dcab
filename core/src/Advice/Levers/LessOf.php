<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** Less of one layer, prepared the same way. */
final readonly class LessOf implements Lever
{
    public function __construct(private SolidLayer $layer)
    {
    }

    public function id(): string
    {
        return 'less-'.$this->layer->id;
    }

    public function cost(): int
    {
        return 3;
    }

    public function most(Pie $pie): float
    {
        return floor($this->layer->now->grams * 0.6);
    }

    public function step(Pie $pie): float
    {
        return 5.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        $now = $this->layer->now->grams;

        return $pie->withLayer($this->layer->scaled(($now - $by) / $now)->withBinder($this->layer->binder));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.less-of', ['lessGrams' => $by, 'food' => $this->layer->food->name, 'nowGrams' => $this->layer->now->grams - $by]);
    }
}
