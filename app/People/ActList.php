<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;

#[Schema('KitchenActList')]
final readonly class ActList
{
    /**
     * @param  list<ActAnswer>  $acts
     * @param  int|null  $before  ask for those before this one next; null where there are no more
     */
    public function __construct(public array $acts, public ?int $before)
    {
    }
}
