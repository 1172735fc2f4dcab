<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\ActAnswer;

#[Schema('SeenAnswer')]
final readonly class SeenAnswer
{
    /**
     * @param  string  $code  of what is seen
     * @param  string  $says  what follows
     * @param  float|null  $againMinutes  the same act comes again so much later; null where it is done
     * @param  float  $movesOutMinutes  how much later it comes out
     */
    private function __construct(public string $code, public string $title, public string $says, public ?float $againMinutes, public float $movesOutMinutes, public bool $takesOut)
    {
    }

    public static function of(ActAnswer $answer, Words $words): self
    {
        return new self($answer->code, $words->say($answer->title), $words->say($answer->says), $answer->againMinutes, $answer->movesOutMinutes, $answer->takesOut);
    }
}
