<?php

declare(strict_types=1);

namespace App\Pie;

use App\Contract\Schema;

#[Schema('ArchivePie')]
final readonly class ArchiveWish
{
    public function __construct(public bool $archived)
    {
    }
}
