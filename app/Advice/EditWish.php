<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Kitchen\User;
use App\Measure\EntryWords;
use Hojaldre\Core\Advice\TypedIn;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

/** A design as it stands, and what is typed into it; null where only a first answer is wanted. */
#[Schema('EditWish')]
final readonly class EditWish
{
    public function __construct(public Pie $design, public ?TypedEntry $entry)
    {
    }

    /** @throws Refused pointing at the words, or into the design that would come of them */
    public function read(User $user): ?Entry
    {
        if ($this->entry === null) {
            return null;
        }
        try {
            return (new EntryWords($this->entry->kind, $this->entry->words, $this->entry->food))->read($user->cookUnits());
        } catch (Refused $refused) {
            throw Refused::with(array_map(static fn (Refusal $one): Refusal => $one->under('/entry/words'), $refused->refusals));
        }
    }

    /** @throws Refused */
    public function typedIn(Entry $entry, User $user): TypedIn
    {
        try {
            return TypedIn::at($this->design, $this->entry->at ?? '', $entry, $user->eggs);
        } catch (Refused $refused) {
            throw Refused::with(array_map(static fn (Refusal $one): Refusal => $one->under($one->code === 'no-such-place' ? '/entry/at' : '/design'), $refused->refusals));
        }
    }
}
