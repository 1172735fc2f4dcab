<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** What one taster says. */
#[Schema('TastingWish')]
final readonly class TastingWish implements Judged
{
    /** @param  string  $bestFirst  letters of the pies, best first: "BAC" */
    public function __construct(#[Text(1, 80)] public string $taster, #[Text(2, 4, '^[A-D]+$')] public string $bestFirst)
    {
    }

    public function refusals(): array
    {
        $letters = str_split($this->bestFirst);
        sort($letters);

        return $letters === array_slice(['A', 'B', 'C', 'D'], 0, count($letters)) ? [] : [new Refusal('each-once', '/bestFirst')];
    }

    /** @return list<int> numbers of the pies from 0 on */
    public function order(): array
    {
        return array_map(static fn (string $letter): int => ord($letter) - ord('A'), str_split($this->bestFirst));
    }
}
