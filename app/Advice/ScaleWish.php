<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\Scaling;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Tin\Tin;

#[Schema('Scale')]
final readonly class ScaleWish implements Judged
{
    /**
     * @param  float|null  $factor  with factor
     * @param  int|null  $were  with portions: the number the amounts were right for
     * @param  Tin|null  $was  with tin: the tin the amounts were right for
     */
    public function __construct(
        public Pie $design,
        public ScaleFrom $to,
        #[Number(Scaling::LEAST, Scaling::MOST, '')] public ?float $factor,
        #[Whole(1, 500)] public ?int $were,
        public ?Tin $was,
    ) {
    }

    public function refusals(): array
    {
        $field = [ScaleFrom::Factor->value => 'factor', ScaleFrom::Portions->value => 'were', ScaleFrom::Tin->value => 'was'][$this->to->value];

        return $this->{$field} === null ? [new Refusal('not-filled-in', "/$field", ['field' => $field])] : [];
    }

    public function scaled(): Pie
    {
        return match ($this->to) {
            ScaleFrom::Factor => Scaling::by($this->design, $this->factor ?? 1.0),
            ScaleFrom::Portions => Scaling::fromPortions($this->design, $this->were ?? $this->design->portions),
            ScaleFrom::Tin => Scaling::fromTin($this->design, $this->was ?? $this->design->tin),
        };
    }
}
