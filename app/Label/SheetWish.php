<?php

declare(strict_types=1);

namespace App\Label;

use App\Contract\Schema;
use Hojaldre\Core\Document\Whole;

#[Schema('LabelSheetWish')]
final readonly class SheetWish
{
    /**
     * @param  int  $count  how many labels
     * @param  bool  $isSheet  side by side on A4; else one to a page
     */
    public function __construct(public LabelWish $label, #[Whole(1, 200)] public int $count, public bool $isSheet)
    {
    }
}
