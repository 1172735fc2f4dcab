<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Record\DoneBake;
use Hojaldre\Core\Record\FaultFinder;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\FoundCause;

#[Schema('Finding')]
final readonly class FindingAnswer
{
    /**
     * @param  list<string>  $troubles  what went wrong, in words
     * @param  list<CauseAnswer>  $causes  the likeliest first; none where no cause in this pie is known for it
     * @param  list<string>  $ruledOut
     * @param  float  $none  how likely it was none of these, 0 to 1
     */
    private function __construct(public array $troubles, public array $causes, public array $ruledOut, public float $none)
    {
    }

    public static function of(FaultFinder $found, DoneBake $bake, Words $words): self
    {
        return new self(
            array_map(static fn (FaultName $fault): string => $words->word('fault', $bake->isLooseSlice($fault) ? 'loose-slice' : $fault), $found->troubles),
            array_map(static fn (FoundCause $one): CauseAnswer => CauseAnswer::of($one, $words), $found->causes), array_map($words->say(...), $found->ruledOut), round($found->none, 3),
        );
    }
}
