<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Food\Texture;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** Drive more water off one layer before it goes in. */
final readonly class PressOut implements Lever
{
    public function __construct(private SolidLayer $layer)
    {
    }

    public function id(): string
    {
        return 'press-out-'.$this->layer->id;
    }

    public function cost(): int
    {
        return 1;
    }

    public function most(Pie $pie): float
    {
        $weep = $this->layer->water()->weepGrams;

        return $weep >= 3 ? floor($weep) : 0.0;
    }

    public function step(Pie $pie): float
    {
        return $this->most($pie) >= 25 ? 5.0 : 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withLayer($this->layer->withNow($this->layer->now->grams - $by));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement($this->layer->food->texture === Texture::Strands ? 'act.press-out' : 'act.dry-out', ['lessGrams' => $by, 'food' => $this->layer->food->name, 'nowGrams' => $this->layer->now->grams - $by]);
    }
}
