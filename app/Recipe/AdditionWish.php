<?php

declare(strict_types=1);

namespace App\Recipe;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Pie\Pie;

/** A design, and what is to go into it in the cook's words. */
#[Schema('AdditionWish')]
final readonly class AdditionWish
{
    public function __construct(public Pie $design, #[Text(1, 400)] public string $text)
    {
    }
}
