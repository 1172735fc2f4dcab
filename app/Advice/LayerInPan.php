<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;

#[Schema('LayerInPan')]
final readonly class LayerInPan
{
    /** @param  string  $id  of a solid layer */
    public function __construct(#[Text(1, 40)] public string $id)
    {
    }
}
