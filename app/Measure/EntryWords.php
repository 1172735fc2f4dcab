<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

/** What a cook wrote: "3 medium", "1/2 cup", "24 cm", "350 °F", "1 h 10". */
#[Schema('EntryWords')]
final readonly class EntryWords implements Judged
{
    /** @param  Food|null  $food  with mass: the food that is measured */
    public function __construct(public EntryKind $kind, #[Text(0, 200)] public string $words, public ?Food $food)
    {
    }

    public function refusals(): array
    {
        return $this->kind === EntryKind::Mass && $this->food === null ? [new Refusal('missing-object', '/food', ['field' => 'food'])] : [];
    }

    /** @throws Refused pointing at the words */
    public function read(CookUnits $units): Entry
    {
        try {
            return $this->parsed($units);
        } catch (Refused $refused) {
            throw Refused::with(array_map(static fn (Refusal $one): Refusal => $one->under('/words'), $refused->refusals));
        }
    }

    /** @throws Refused */
    private function parsed(CookUnits $units): Entry
    {
        return match ($this->kind) {
            EntryKind::Volume => QuantityParser::volume($this->words, $units),
            EntryKind::Length => QuantityParser::length($this->words),
            EntryKind::Temperature => QuantityParser::temperature($this->words),
            EntryKind::Time => QuantityParser::minutes($this->words),
            EntryKind::Mass => (new AmountParser($units))->read($this->words, $this->food ?? throw Refused::because('missing-object', '/food', ['field' => 'food'])),
        };
    }
}
