<?php

declare(strict_types=1);

namespace Hojaldre\Core\Forecast;

use Hojaldre\Core\Food\Allergen;
use Hojaldre\Core\Food\AllergensKnown;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\Readings\ReadingName;
use Hojaldre\Core\Forecast\Readings\Readings;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Safety\Cautions;
use Hojaldre\Core\Statement\Statement;

/** What a design will do: the weights, the bake, the readings. */
final readonly class Forecast
{
    /** Counts up whenever the model reads the same design otherwise: what was stored of an older one is read anew (definition). */
    public const MODEL = 7;

    /** @param  list<Reading>  $readings those that apply to this pie, in the order of ReadingName */
    private function __construct(
        public Pie $pie,
        public Weights $weights,
        public ?SimulatedBake $bake,
        public array $readings,
    ) {
    }

    /** The readings and the bake with its ranges. */
    public static function of(Pie $pie): self
    {
        $weights = Weights::of($pie);

        return self::from($weights, SimulatedBake::of($weights));
    }

    /** A first answer from one bake on a coarse grid, for a cook who is still typing; the fine one is to follow. */
    public static function roughly(Pie $pie): self
    {
        $weights = Weights::of($pie);

        return self::from($weights, SimulatedBake::roughly($weights));
    }

    private static function from(Weights $weights, ?SimulatedBake $bake): self
    {
        return new self($weights->pie, $weights, $bake, Readings::of($weights, $bake));
    }

    /** Null where it does not apply to this pie. */
    public function reading(ReadingName $name): ?Reading
    {
        return Readings::named($this->readings, $name);
    }

    public function ledger(): Ledger
    {
        return Ledger::of($this->weights, $this->bake);
    }

    public function section(): Section
    {
        return Section::of($this->weights);
    }

    /** Null while there is nothing to bake, and in a rough answer. */
    public function report(): ?BakeReport
    {
        return $this->bake === null || $this->bake->isRough() ? null : BakeReport::of($this->bake);
    }

    /** @return list<Food> that are in it, each as it is known now */
    private function foods(): array
    {
        return array_map(Pantry::declared(...), [$this->pie->crust->dough, ...array_map(static fn ($one): Food => $one->food, array_values(array_filter($this->pie->ingredients(), static fn ($one): bool => $one->grams() > 0)))]);
    }

    /** @return list<Statement> foods whose packet is to be read, and those of which nobody knows what is in them */
    public function allergenChecks(): array
    {
        $checks = [];
        foreach ([AllergensKnown::Packet, AllergensKnown::Unknown] as $known) {
            $foods = array_unique(array_map(static fn (Food $one): string => explode(',', $one->name)[0], array_filter($this->foods(), static fn (Food $one): bool => $one->allergensKnown === $known)));
            $checks = $foods === [] ? $checks : [...$checks, new Statement("allergens.$known->value", ['foods' => implode(', ', $foods)])];
        }

        return $checks;
    }

    /** @return list<Allergen> in the order of the law */
    public function allergens(): array
    {
        $found = [...($this->pie->crust->lid?->glaze->allergens() ?? []), ...array_merge(...array_map(static fn (Food $one): array => $one->allergens, $this->foods()))];

        return array_values(array_filter(Allergen::cases(), static fn (Allergen $one): bool => in_array($one, $found, true)));
    }

    /** @return list<Statement> */
    public function assumptions(): array
    {
        return [
            new Statement('assumption.one-filling'),
            new Statement('assumption.start', ['startCelsius' => $this->weights->startCelsius(), 'bakedShellCelsius' => 20.0, 'rawShellCelsius' => 5.0]),
            new Statement('assumption.ranges'),
            ...($this->pie->bake->matched === null ? [] : [new Statement('assumption.matched', ['offKelvins' => abs($this->pie->bake->matched->ovenKelvins), 'way' => $this->pie->bake->matched->ovenKelvins < 0 ? 'colder' : 'hotter'])]),
        ];
    }

    /** @return list<Statement> */
    public function cautions(): array
    {
        return Cautions::of($this->weights->safeCelsius());
    }
}
