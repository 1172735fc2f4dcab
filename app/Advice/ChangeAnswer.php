<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\Change;

#[Schema('Change')]
final readonly class ChangeAnswer
{
    /**
     * @param  string  $at  JSON pointer into the design
     * @param  mixed  $to  what stands there afterwards
     */
    private function __construct(public string $at, public mixed $to)
    {
    }

    public static function of(Change $change): self
    {
        return new self($change->at, $change->to);
    }
}
