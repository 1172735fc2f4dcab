<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Pie\OnePan;
use Hojaldre\Core\Pie\Pie;

#[Schema('PanWish')]
final readonly class PanWish
{
    /**
     * @param  list<LayerInPan>  $layers  that were in one pan
     * @param  string  $words  what they weigh together, in the cook's words
     */
    public function __construct(public Pie $design, #[ListOf(LayerInPan::class, 30)] public array $layers, #[Text(1, 80)] public string $words)
    {
    }

    public function weighed(CookUnits $units): Pie
    {
        return OnePan::weighed($this->design, array_map(static fn (LayerInPan $one): string => $one->id, $this->layers), $this->words, $units);
    }
}
