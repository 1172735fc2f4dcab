<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('OrderTable')]
final readonly class OrderTableWish
{
    public function __construct(#[Text(1, 20000)] public string $table)
    {
    }
}
