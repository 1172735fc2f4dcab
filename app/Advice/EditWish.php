<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Kitchen\User;
use App\Measure\EntryWords;
use Hojaldre\Core\Advice\TypedIn;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

/** A design as it stands, and what is typed into it. */
#[Schema('EditWish')]
final readonly class EditWish
{
    /**
     * @param  string  $at  JSON pointer to an amount, a number or a list of foods; empty where nothing is typed
     * @param  EntryWords|null  $entry  null where only a first forecast is wanted
     */
    public function __construct(public Pie $design, #[Text(0, 120)] public string $at, public ?EntryWords $entry)
    {
    }

    /** @throws Refused pointing at the words */
    public function read(User $user): ?Entry
    {
        try {
            return $this->entry?->read($user->cookUnits(), $user->temperatures);
        } catch (Refused $refused) {
            throw self::under('/entry', $refused);
        }
    }

    /** @throws Refused pointing at the place, or into the design that would come of it */
    public function typedIn(Entry $entry, User $user): TypedIn
    {
        try {
            return TypedIn::at($this->design, $this->at, $entry, $this->entry?->food, $user->eggs);
        } catch (Refused $refused) {
            throw self::under($refused->refusals[0]->code === 'no-such-place' ? '/at' : '/design', $refused);
        }
    }

    private static function under(string $pointer, Refused $refused): Refused
    {
        return Refused::with(array_map(static fn (Refusal $one): Refusal => $one->under($pointer), $refused->refusals));
    }
}
