<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('KitchenName')]
final readonly class KitchenName
{
    public function __construct(#[Text(1, 120)] public string $name)
    {
    }
}
