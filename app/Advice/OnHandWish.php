<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Food\KitchenFood;
use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tin\Tin;

/** What a cook has there. */
#[Schema('OnHandWish')]
final readonly class OnHandWish
{
    /**
     * @param  list<TickedFood>  $foods  in the order in which they were ticked
     * @param  Tin|null  $tin  for what stands in a tin; null for what each kind commonly stands in
     */
    public function __construct(#[ListOf(TickedFood::class, 40)] public array $foods, public ?Tin $tin)
    {
    }

    /** @return list<Food> */
    public function foods(Kitchen $kitchen): array
    {
        $ids = array_values(array_unique(array_map(static fn (TickedFood $one): string => $one->id, $this->foods)));

        return array_map(static fn (string $id): Food => KitchenFood::named($kitchen, $id) ?? throw Refused::because('no-such-food', '/foods', ['text' => $id]), $ids);
    }
}
