<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

/** A word, a number or a sign of a phrase. */
final readonly class Token
{
    /**
     * @param  string  $text  in small letters
     * @param  string  $raw  as written: "T" is a tablespoon and "t" is not
     * @param  float|null  $number  of digits or a fraction of digits
     */
    public function __construct(public string $text, public string $raw, public ?float $number, public bool $isFraction)
    {
    }

    public function isWord(): bool
    {
        return $this->number === null && preg_match('/^\p{L}/u', $this->text) === 1;
    }
}
