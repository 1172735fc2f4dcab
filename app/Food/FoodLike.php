<?php

declare(strict_types=1);

namespace App\Food;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

/** A food nobody has the packet of. */
#[Schema('FoodLike')]
final readonly class FoodLike
{
    /** @param  string  $like  id of the food it is taken to be like */
    public function __construct(#[Text(1, 60)] public string $name, #[Text(1, 40)] public string $like)
    {
    }
}
