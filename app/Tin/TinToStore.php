<?php

declare(strict_types=1);

namespace App\Tin;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Tin\Tin;

#[Schema('TinToStore')]
final readonly class TinToStore
{
    public function __construct(#[Text(1, 60)] public string $name, public Tin $tin)
    {
    }
}
