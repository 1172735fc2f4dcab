<?php

declare(strict_types=1);

namespace App\Problem;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Refusal\Refusal;

/** Something that was not taken. */
#[Schema('Refusal')]
final readonly class RefusalAnswer
{
    /**
     * @param  string  $code  a short stable word
     * @param  string  $at  JSON pointer (RFC 6901) into what was sent
     * @param  string  $mend  what to do
     */
    public function __construct(public string $code, public string $at, public string $mend)
    {
    }

    public static function of(Refusal $refusal, Words $words): self
    {
        return new self($refusal->code, $refusal->at, $words->mend($refusal));
    }
}
