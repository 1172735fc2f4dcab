<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Advice\Swap;
use Hojaldre\Core\Food\Allergen;

#[Schema('Swap')]
final readonly class SwapAnswer
{
    /**
     * @param  string  $use  how much of it, and what to do with it
     * @param  list<Allergen>  $allergens
     * @param  list<EffectAnswer>  $effects
     * @param  list<ChangeAnswer>  $changes
     */
    private function __construct(public string $name, public string $use, public array $allergens, public array $effects, public array $changes)
    {
    }

    public static function of(Swap $swap, Words $words): self
    {
        return new self($swap->food->name, $words->say($swap->use), $swap->food->allergens, EffectAnswer::all($swap->effects, $words), array_map(ChangeAnswer::of(...), $swap->changes));
    }
}
