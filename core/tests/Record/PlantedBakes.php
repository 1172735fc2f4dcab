<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Record;

use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\Bake\BakeDeviation;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pastry\Crust;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Record\Applies;
use Hojaldre\Core\Record\CauseName;
use Hojaldre\Core\Record\DoneBake;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\KitchenDraw;
use Hojaldre\Core\Record\Planted;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\SliceWord;
use Hojaldre\Core\Record\TrialBake;
use Hojaldre\Core\Record\WordsOf;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bakes with one cause put into them, as a kitchen would record and judge them. */
final class PlantedBakes
{
    private readonly Randomizer $dice;

    private readonly Normal $draw;

    private function __construct(int $seed)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        $this->draw = new Normal($seed);
    }

    /** @return list<array{CauseName, DoneBake}> */
    public static function many(int $count, int $seed = 3): array
    {
        $self = new self($seed);
        $pies = self::pies();
        $bakes = [];
        $causes = CauseName::cases();
        for ($n = 0; count($bakes) < $count; $n++) {
            $cause = $causes[$n % count($causes)];
            $pie = $pies[$self->dice->getInt(0, count($pies) - 1)];
            $bake = Applies::to($cause, $pie) ? $self->bake($cause, $cause === CauseName::AsDesigned ? $self->badly($pie) : $pie) : null;
            if ($bake !== null && $bake->troubles() !== []) {
                $bakes[] = [$cause, $bake];
            }
        }

        return $bakes;
    }

    /** @return list<Pie> */
    private static function pies(): array
    {
        $lidded = TroutQuiche::pie()->withCrust(new Crust(Pantry::food('shortcrust'), 3, [], TroutQuiche::pie()->crust->seal, lid: new Lid(3, 0.01, Glaze::Egg)));

        return [TroutQuiche::pie(), OtherPies::deep(), OtherPies::shallow(), OtherPies::folds(), OtherPies::nutsOnTop(), $lidded];
    }

    private function chance(float $share): bool
    {
        return $this->dice->getInt(0, 999) < 1000 * $share;
    }

    private function bake(CauseName $cause, Pie $designed): ?DoneBake
    {
        $strong = 0.9 + 0.1 * $this->dice->getInt(0, 6);
        [$true, $kitchen] = $this->true($cause, $designed, $strong);
        $by = KitchenDraw::one($this->draw, 2.0 * $this->draw->next(), 1.0)->with($kitchen);
        $trial = TrialBake::run(BakeInputs::of(Weights::of($true)), $by);
        $normal = TrialBake::run(BakeInputs::of(Weights::of($designed)), new BakeDeviation);
        $words = WordsOf::of($trial, $designed->bake->colour);
        $rest = $cause === CauseName::CutEarly ? 5.0 : 15.0;
        $behind = $this->chance(0.5) ? (($trial->readyMinute ?? $trial->safeMinute) - ($normal->readyMinute ?? $normal->safeMinute)) * 0.9 : null;
        $salt = match ($cause) {
            CauseName::SaltOnSalt => SaltWord::Salty,
            CauseName::SaltForgotten => SaltWord::Bland,
            default => SaltWord::Enough,
        };

        $weighed = $this->weighed($designed);

        return new DoneBake(
            $designed, self::asKnown($designed, $true, $weighed), $weighed, $this->looked($cause, $designed), $this->skipped($cause),
            $this->chance(0.5) ? $by->ovenKelvins + 2 * $this->draw->next() : null,
            $this->chance(0.4) ? Weights::of($true)->startCelsius() + $by->startKelvins : null, $behind !== null && is_finite($behind) ? $behind : null, $this->chance(0.7) ? $rest : null,
            $words->underside, $trial->readyMinute === null ? null : ($cause === CauseName::CutEarly ? SliceWord::Loose : $words->slice), $words->colour, $salt, $this->faults($cause),
        );
    }

    /** A pie that is designed to fail: too short, too long, with too much dairy, a shell that is hardly baked. */
    private function badly(Pie $pie): Pie
    {
        $ways = [CauseName::OutEarly, CauseName::OutLate, CauseName::ThinCustard, CauseName::ShellShort];

        return Planted::in($ways[$this->dice->getInt(0, 3)], $pie, 1.2)->pie ?? $pie;
    }

    /**
     * The pie as it was done, as far as anybody knows: minutes are logged, weights where they were weighed; a rack or a glaze that was forgotten is not.
     *
     * @param  list<string>  $weighed
     */
    private static function asKnown(Pie $designed, Pie $true, array $weighed): Pie
    {
        $layers = [];
        foreach ($designed->layers as $index => $layer) {
            $layers[] = in_array($layer->id(), $weighed, true) ? $true->layers[$index] : $layer;
        }

        return $designed->withLayers($layers)->withBake($designed->bake->withMinutes($true->bake->minutes()))->withCrust($designed->crust->withShell($true->crust->shell, $designed->crust->seal));
    }

    /** @return array{Pie, BakeDeviation} the pie as it really was, and its kitchen */
    private function true(CauseName $cause, Pie $pie, float $strong): array
    {
        if ($cause === CauseName::WetFilling || $cause === CauseName::DryFilling) {
            // what was pressed less weighs more, and what weighs more has more to let go
            $factor = $cause === CauseName::WetFilling ? 1 + 0.13 * $strong : 1 - 0.12 * $strong;
            $layers = array_map(static fn (Layer $layer): Layer => $layer instanceof SolidLayer && $layer->steps !== [] ? $layer->withNow(min($layer->bought->grams, $factor * $layer->now->grams)) : $layer, $pie->layers);

            return [$pie->withLayers($layers), new BakeDeviation(weepFactor: $cause === CauseName::WetFilling ? 1.5 : 1.0)];
        }
        if ($cause === CauseName::SaltForgotten || $cause === CauseName::TooEmpty || $cause === CauseName::TooFull) {
            $factor = ['salt-forgotten' => 1.0, 'too-empty' => 0.8, 'too-full' => 1.25][$cause->value];

            return [$pie->withLayers(array_map(static fn (Layer $layer): Layer => $layer->scaled($factor), $pie->layers)), new BakeDeviation];
        }
        $planted = Planted::in($cause, $pie, $strong);

        return $planted === null ? [$pie, new BakeDeviation] : [$planted->pie, $planted->kitchen];
    }

    /** @return list<string> */
    private function weighed(Pie $pie): array
    {
        return array_values(array_filter(array_map(static fn (Layer $layer): string => $layer->id(), $pie->layers), fn (): bool => $this->chance(0.7)));
    }

    private const GATES = [
        'not-docked' => 'docked-twice', 'no-weights' => 'weights', 'warm-dough' => 'shell-cold', 'not-greased' => 'greased', 'not-sealed' => 'sealed', 'no-vent' => 'vented', 'no-glaze' => 'glazed', 'no-foil' => 'foil-ready',
        'hot-filling' => 'filling-cool', 'oven-cold' => 'oven-hot', 'rack-too-high' => 'rack', 'rack-too-low' => 'rack',
    ];

    /** @return list<GateItemName> */
    private function looked(CauseName $cause, Pie $pie): array
    {
        $own = self::GATES[$cause->value] ?? '';

        return array_values(array_filter(GateItemName::cases(), fn (GateItemName $item): bool => $item->value !== $own && $this->chance(0.7)));
    }

    /** @return list<GateItemName> what was forgotten was pressed over at the gate, now and then ticked without looking */
    private function skipped(CauseName $cause): array
    {
        $own = GateItemName::tryFrom(self::GATES[$cause->value] ?? '');

        return $own !== null && $this->chance(0.7) ? [$own] : [];
    }

    /** @return list<FaultName> that were named beside the four words: the one it leads to most readily, and now and then another */
    private function faults(CauseName $cause): array
    {
        $leads = $cause->leadsTo();
        // the words say these themselves
        $worded = ['soggy-base', 'weeping', 'raw-middle', 'pale', 'too-salt', 'bland'];
        $named = [];
        foreach ($leads as $fault => $readily) {
            if (! in_array($fault, $worded, true) && $this->chance($readily)) {
                $named[] = FaultName::from($fault);
            }
        }

        return array_slice($named, 0, 2);
    }
}
