<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry;

/** What lies between the crust and the first wet thing. */
enum Underlay: string
{
    case None = 'none';
    case Cheese = 'cheese';
    case Crumbs = 'crumbs';

    /**
     * Share of the water that still reaches the crust (judgement, docs/model.md): egg 0.42 of a balance, cheese 0.5, crumbs 0.6,
     * egg and cheese 0.2.
     */
    public function barrierShare(Seal $seal): float
    {
        return match ($seal) {
            Seal::None => [self::None->value => 1.0, self::Cheese->value => 0.5, self::Crumbs->value => 0.6][$this->value],
            Seal::Egg => [self::None->value => 0.42, self::Cheese->value => 0.2, self::Crumbs->value => 0.25][$this->value],
        };
    }
}
