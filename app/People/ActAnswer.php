<?php

declare(strict_types=1);

namespace App\People;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Statement\Statement;

#[Schema('KitchenAct')]
final readonly class ActAnswer
{
    /**
     * @param  string  $doneAt  date and time, ISO 8601
     * @param  string  $words  who did what
     */
    private function __construct(public int $id, public string $doneAt, public string $words)
    {
    }

    public static function of(KitchenAct $act, Words $words): self
    {
        return new self($act->id, $act->done_at->toIso8601String(), $words->say(new Statement('done.'.$act->deed->value, ['who' => $act->done_by, 'what' => $act->what, 'more' => $act->more])));
    }
}
