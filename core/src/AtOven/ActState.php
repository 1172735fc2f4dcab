<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/** How far an act is. */
final readonly class ActState
{
    /**
     * @param  float  $minute  when it comes, with all that was put off
     * @param  float|null  $doneMinute  null while it is to come
     */
    public function __construct(public OvenAct $act, public float $minute, public ?float $doneMinute, public string $answer)
    {
    }
}
