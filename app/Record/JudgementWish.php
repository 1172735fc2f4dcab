<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Record\ColourWord;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\SliceWord;

#[Schema('JudgementWish')]
final readonly class JudgementWish
{
    /**
     * @param  BaseVerdict|null  $underside  null where it is not judged
     * @param  list<FaultName>  $faults
     * @param  string  $words  in the cook's own words
     * @param  string  $nextTime  one line that stands on top of the next bench and gate of this pie
     */
    public function __construct(
        public ?BaseVerdict $underside,
        public ?SliceWord $slice,
        public ?ColourWord $colour,
        public ?SaltWord $salt,
        #[ListOf(FaultName::class, 26)] public array $faults,
        #[Text(0, 400)] public string $words,
        #[Text(0, 160)] public string $nextTime,
    ) {
    }
}
