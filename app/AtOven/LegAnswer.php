<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\GateItem;
use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\OvenAct;

#[Schema('OvenLeg')]
final readonly class LegAnswer
{
    /**
     * @param  list<GateItemAnswer>  $gate
     * @param  list<OvenActAnswer>  $acts  in the order in which they come
     */
    private function __construct(public LegName $name, public array $gate, public array $acts)
    {
    }

    public static function of(Leg $leg, Words $words): self
    {
        return new self(
            $leg->name, array_map(static fn (GateItem $item): GateItemAnswer => GateItemAnswer::of($item, $words), $leg->gate),
            array_map(static fn (OvenAct $act): OvenActAnswer => OvenActAnswer::of($act, $words), $leg->acts),
        );
    }
}
