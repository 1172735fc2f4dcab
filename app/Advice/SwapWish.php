<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Pie\Pie;

#[Schema('SwapWish')]
final readonly class SwapWish
{
    /** @param  string  $at  JSON pointer to a layer, its binder, or a dairy */
    public function __construct(public Pie $design, #[Text(1, 60)] public string $at)
    {
    }
}
