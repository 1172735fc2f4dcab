<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Levers;

use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Statement\Statement;

/** Fold crumbs into a layer to hold its water. */
final readonly class AddCrumbs implements Lever
{
    public function __construct(private SolidLayer $layer)
    {
    }

    public function id(): string
    {
        return 'crumbs-'.$this->layer->id;
    }

    public function cost(): int
    {
        return 2;
    }

    public function most(Pie $pie): float
    {
        $water = $this->layer->water();

        // more crumbs than a fifth of the layer is stuffing
        return $water->freeGrams >= 3
            ? floor(min($water->freeGrams / $this->crumbs(0.0)->food->bindsGramsPerGram, $this->layer->now->grams / 5))
            : 0.0;
    }

    public function step(Pie $pie): float
    {
        return 1.0;
    }

    public function pull(Pie $pie, float $by): Pie
    {
        return $pie->withLayer($this->layer->withBinder($this->crumbs($by)));
    }

    public function act(Pie $pie, float $by): Statement
    {
        return new Statement('act.fold-in', ['addGrams' => $by, 'food' => $this->crumbs($by)->food->name, 'into' => $this->layer->food->name]);
    }

    /** What is there already, and this much more. */
    private function crumbs(float $moreGrams): Ingredient
    {
        $food = $this->layer->binder->food ?? Pantry::food('dry-crumbs');

        return new Ingredient($food, Amount::of(($this->layer->binder?->grams() ?? 0.0) + $moreGrams));
    }
}
