<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Schema;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\LikelyLength;
use Hojaldre\Core\Measure\OvenHeat;
use Hojaldre\Core\Measure\QuantityParser;
use Hojaldre\Core\Measure\TemperatureScale;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

/** What a cook wrote: "3 medium", "1/2 cup", "24 cm", "350 °F", "1 h 10". */
#[Schema('EntryWords')]
final readonly class EntryWords implements Judged
{
    /**
     * @param  Food|null  $food  with mass: the food that is measured
     * @param  float|null  $boughtGrams  of a weight after a step: what it was before all steps
     * @param  string  $preparation  the step
     */
    public function __construct(
        public EntryKind $kind, #[Text(0, 200)] public string $words, public ?Food $food,
        #[Number(0, Amount::MOST_GRAMS, 'g')] public ?float $boughtGrams, #[Text(0, 120)] public string $preparation,
    ) {
    }

    public function refusals(): array
    {
        return $this->kind === EntryKind::Mass && $this->food === null ? [new Refusal('missing-object', '/food', ['field' => 'food'])] : [];
    }

    /** @throws Refused pointing at the words */
    public function read(CookUnits $units, TemperatureScale $scale): Entry
    {
        try {
            return $this->parsed($units, $scale);
        } catch (Refused $refused) {
            throw Refused::with(array_map(static fn (Refusal $one): Refusal => $one->under('/words'), $refused->refusals));
        }
    }

    /** @throws Refused */
    private function parsed(CookUnits $units, TemperatureScale $scale): Entry
    {
        return match ($this->kind) {
            EntryKind::Weight => QuantityParser::weight($this->words),
            EntryKind::Volume => QuantityParser::volume($this->words, $units),
            EntryKind::Length => QuantityParser::length($this->words),
            EntryKind::Thickness => QuantityParser::length($this->words, LikelyLength::Thickness),
            EntryKind::Width => QuantityParser::length($this->words, LikelyLength::Width),
            EntryKind::Depth => QuantityParser::length($this->words, LikelyLength::Depth),
            EntryKind::Temperature => OvenHeat::read($this->words, $scale),
            EntryKind::Time => QuantityParser::minutes($this->words),
            EntryKind::Mass => $this->mass(new AmountParser($units), $this->food ?? throw Refused::because('missing-object', '/food', ['field' => 'food'])),
        };
    }

    private function mass(AmountParser $parser, Food $food): Entry
    {
        return $this->boughtGrams === null ? $parser->read($this->words, $food) : $parser->after($this->words, $food, $this->boughtGrams, $this->preparation);
    }
}
