<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\Preparing;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;

#[Schema('Prepare')]
final readonly class PrepareWish implements Judged
{
    /**
     * @param  string  $layer  id of a solid layer
     * @param  string|null  $preparation  with step: what is done, in words
     * @param  float|null  $weepGrams  with weep
     */
    public function __construct(
        public Pie $design,
        #[Text(1, 40)] public string $layer,
        public PrepareTo $to,
        #[Text(0, 120)] public ?string $preparation,
        #[Number(0, 50000, 'g')] public ?float $weepGrams,
    ) {
    }

    public function refusals(): array
    {
        return $this->to === PrepareTo::Weep && $this->weepGrams === null ? [new Refusal('not-filled-in', '/weepGrams', ['field' => 'weepGrams'])] : [];
    }

    public function prepared(): Pie
    {
        return $this->to === PrepareTo::Step
            ? Preparing::step($this->design, $this->layer, $this->preparation ?? '')
            : Preparing::toWeep($this->design, $this->layer, $this->weepGrams ?? 0.0);
    }
}
