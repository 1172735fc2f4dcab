<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day;

use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Text;

/** A pair of hands, and when it is there. */
final readonly class Cook
{
    /** @param  list<Hours>  $hours  one after the other; may begin the days before */
    public function __construct(#[Text(1, 60)] public string $name, #[ListOf(Hours::class, 10, 1)] public array $hours)
    {
    }

    /** @param  list<Hours>  $hours */
    public function withHours(array $hours): self
    {
        return new self($this->name, $hours);
    }

    public function isThere(int $minute): bool
    {
        foreach ($this->hours as $one) {
            if ($one->fromMinute <= $minute && $minute < $one->toMinute) {
                return true;
            }
        }

        return false;
    }
}
