<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('OwnName')]
final readonly class OwnName
{
    public function __construct(#[Text(1, 80)] public string $name)
    {
    }
}
