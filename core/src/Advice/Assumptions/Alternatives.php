<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\Assumptions;

use Hojaldre\Core\Advice\Change;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Condition;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\TinMaterial;
use Hojaldre\Core\Pastry\Glaze;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\CustardLayer;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\Places;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** What kitchens may have at a place that nobody spoke of (common practice, no source). */
final readonly class Alternatives
{
    /** Heights and heats that kitchens have (common practice, no source). */
    private const DEPTHS_MM = [25.0, 30.0, 35.0, 40.0, 50.0, 60.0];

    private const THICK_MM = [2.0, 3.0, 4.0, 6.0];

    private const HEAT_KELVINS = 15.0;

    private const MINUTES = 5.0;

    /** @param  array<string, mixed>  $document */
    private function __construct(private Pie $pie, private array $document, private EggSizing $eggs)
    {
    }

    public static function for(Pie $pie, EggSizing $eggs): self
    {
        return new self($pie, DocumentWriter::write($pie), $eggs);
    }

    /**
     * @return array{Statement, list<Alternative>}|null what is asked, and the answers in their natural order with a null pie for the present
     *                                                  one; null where there is nothing to ask
     */
    public function at(string $place): ?array
    {
        $pointer = Places::pointer($this->pie, $place);
        if ($pointer === null) {
            return null;
        }
        $last = basename($pointer);

        return match (true) {
            preg_match('~^/bake/stages/\d+/mode$~', $pointer) === 1 => $this->words('mode', $pointer, OvenMode::cases()),
            preg_match('~^/bake/stages/\d+/rack$~', $pointer) === 1 => $this->words('rack', $pointer, Rack::cases()),
            $pointer === '/bake/tinMaterial' => $this->words('tin-material', $pointer, [TinMaterial::DarkSteel, TinMaterial::ShinySteel, TinMaterial::Ceramic, TinMaterial::Glass]),
            preg_match('~^/bake/stages/\d+/ovenCelsius$~', $pointer) === 1 => $this->numbers('heat', $pointer, 'exactCelsius', $this->around($pointer, self::HEAT_KELVINS)),
            preg_match('~^/bake/stages/\d+/minutes$~', $pointer) === 1 => $this->numbers('minutes', $pointer, 'exactMinutes', $this->around($pointer, self::MINUTES)),
            $pointer === '/crust/thicknessMm' => $this->numbers('thickness', $pointer, 'lengthMm', self::near(self::THICK_MM, $this->pie->crust->thicknessMm)),
            $pointer === '/tin/depthMm', $pointer === '/tin' && Change::valueAt($this->document, '/tin/depthMm') !== null => $this->numbers('depth', '/tin/depthMm', 'lengthMm', self::near(self::DEPTHS_MM, $this->pie->tin->depthMm())),
            $pointer === '/crust/seal' => $this->words('seal', $pointer, Seal::cases()),
            $pointer === '/crust/shell' => $this->shell(),
            $pointer === '/crust/dough' => $this->doughs(),
            $pointer === '/crust/lid/glaze' => $this->words('glaze', $pointer, Glaze::cases()),
            $pointer === '/crust/lid/openShare' => $this->numbers('vent', $pointer, 'openPercent', [0.0, 0.01, 0.03], 100.0),
            $last === 'style' => $this->words('style', $pointer, CustardStyle::cases()),
            $last === 'fromCelsius' => $this->start($pointer),
            preg_match('~^/layers/\d+/eggs/\d+/amount$~', $pointer) === 1 => $this->eggs($pointer),
            $last === 'after' => $this->after($pointer),
            $last === 'amount', $last === 'bought' => $this->amount($pointer),
            default => null,
        };
    }

    /**
     * @param  list<\BackedEnum>  $cases
     * @return array{Statement, list<Alternative>}
     */
    private function words(string $what, string $pointer, array $cases): array
    {
        $now = Change::valueAt($this->document, $pointer);

        return [new Statement("asks.$what"), array_map(fn (\BackedEnum $case): Alternative => $this->with(new Statement("answer.$what-$case->value"), $pointer, $case->value, $case->value === $now), $cases)];
    }

    /**
     * @param  list<float>  $values  what is there now among them
     * @return array{Statement, list<Alternative>}
     */
    private function numbers(string $what, string $pointer, string $quantity, array $values, float $times = 1.0): array
    {
        $now = Change::valueAt($this->document, $pointer);

        return [new Statement("asks.$what"), array_map(fn (float $value): Alternative => $this->with(new Statement("answer.$what", [$quantity => $value * $times]), $pointer, $value, is_numeric($now) && abs($value - $now) < 1e-9), $values)];
    }

    private function with(Statement $says, string $pointer, mixed $to, bool $isNow): Alternative
    {
        return new Alternative($says, $isNow ? null : $this->changed([new Change($pointer, $to)]));
    }

    /** @param  list<Change>  $changes */
    private function changed(array $changes): ?Pie
    {
        try {
            return PieFile::fromDocument(Change::applied($changes, $this->document));
        } catch (Refused) {
            return null;
        }
    }

    /** @return list<float> */
    private function around(string $pointer, float $by): array
    {
        $now = Change::valueAt($this->document, $pointer);
        $now = is_numeric($now) ? (float) $now : 0.0;

        return [$now - $by, $now, $now + $by];
    }

    /**
     * @param  list<float>  $usual
     * @return list<float> what is there now, with the nearest below and above
     */
    private static function near(array $usual, float $now): array
    {
        $below = array_filter($usual, static fn (float $one): bool => $one < $now - 1e-6);
        $above = array_filter($usual, static fn (float $one): bool => $one > $now + 1e-6);

        return [...($below === [] ? [] : [max($below)]), $now, ...($above === [] ? [] : [min($above)])];
    }

    /** @return array{Statement, list<Alternative>} */
    private function shell(): array
    {
        $now = $this->pie->crust->shellBake();

        return [new Statement('asks.shell'), array_map(fn (ShellBake $bake): Alternative => new Alternative(
            new Statement("answer.shell-$bake->value"), $bake === $now ? null : $this->pie->withCrust($this->pie->crust->withShell(ShellStage::usual($bake), $this->pie->crust->seal)),
        ), ShellBake::cases())];
    }

    /** @return array{Statement, list<Alternative>} */
    private function doughs(): array
    {
        $now = $this->pie->crust->dough;
        $others = array_values(array_filter(['shortcrust', 'ready-shortcrust', 'ready-puff'], static fn (string $id): bool => $id !== $now->id));

        return [new Statement('asks.dough'), [
            new Alternative(new Statement('answer.dough', ['food' => $now->name]), null),
            ...array_map(fn (string $id): Alternative => new Alternative(new Statement('answer.dough', ['food' => Pantry::food($id)->name]), $this->pie->withCrust($this->pie->crust->withDough(Pantry::food($id)))), $others),
        ]];
    }

    /** @return array{Statement, list<Alternative>} */
    private function start(string $pointer): array
    {
        $layer = $this->pie->layers[(int) explode('/', $pointer)[2]];
        $now = $layer->fromCelsius();
        $places = $layer instanceof SolidLayer && $layer->isRaw() ? [StartingPlace::Fridge, StartingPlace::Bench] : [StartingPlace::Fridge, StartingPlace::Bench, StartingPlace::Pan];
        $answers = array_map(fn (StartingPlace $one): Alternative => $this->with(new Statement("answer.start-$one->value"), $pointer, $one->celsius(), abs($one->celsius() - $now) < 1e-9), $places);
        $known = array_filter($answers, static fn (Alternative $one): bool => $one->pie === null) !== [];

        return [new Statement('asks.start', ['food' => $this->foodAt($pointer)]), $known ? $answers : [new Alternative(new Statement('answer.start', ['exactCelsius' => $now]), null), ...$answers]];
    }

    private function foodAt(string $pointer): string
    {
        $layer = $this->pie->layers[(int) explode('/', $pointer)[2]] ?? null;
        $name = match (true) {
            $layer instanceof CustardLayer => $layer->eggs === [] ? 'sauce' : 'custard',
            $layer === null => '',
            default => $layer->ingredients()[0]->food->name,
        };

        return mb_strtolower(explode(',', $name)[0]);
    }

    private function ingredient(string $pointer): ?Ingredient
    {
        $parts = explode('/', $pointer);
        if ($parts[1] === 'seasonings') {
            return $this->pie->seasonings[(int) $parts[2]] ?? null;
        }
        $layer = $this->pie->layers[(int) $parts[2]] ?? null;
        if ($layer instanceof CustardLayer) {
            $list = match ($parts[3] ?? '') {
                'eggs' => $layer->eggs,
                'dairies' => $layer->dairies,
                'blended' => $layer->blended,
                'thickeners' => $layer->thickeners,
                default => [],
            };

            return $list[(int) ($parts[4] ?? 0)] ?? null;
        }

        return $layer?->ingredients()[0] ?? null;
    }

    /** @return array{Statement, list<Alternative>}|null */
    private function eggs(string $pointer): ?array
    {
        $egg = $this->ingredient($pointer);
        if ($egg === null || $egg->food->role !== Role::Egg || ! isset($egg->food->pieces['large']) || ! isset($egg->food->pieces['medium'])) {
            return $this->amount($pointer);
        }
        $pieces = EggSizes::apply($egg->food, $this->eggs)->pieces;
        $count = round($egg->grams() / $egg->food->pieces['large'], 1);
        $sizes = array_values(array_filter(['medium', 'large', 'extra large'], static fn (string $size): bool => isset($pieces[$size])));

        return [new Statement('asks.eggs'), array_map(fn (string $size): Alternative => $this->with(
            new Statement('answer.eggs-'.str_replace(' ', '-', $size)), $pointer, DocumentWriter::write(new Amount(Figures::number($count, 1)." $size", $count * $pieces[$size])), abs($count * $pieces[$size] - $egg->grams()) < 0.5,
        ), $sizes)];
    }

    /** @return array{Statement, list<Alternative>}|null */
    private function amount(string $pointer): ?array
    {
        $one = $this->ingredient($pointer);
        $span = $one?->amount->span();
        if ($one === null || $span === null || $span->isExact()) {
            return null;
        }
        $layer = $this->pie->layers[(int) explode('/', $pointer)[2]] ?? null;
        $to = fn (float $grams): ?Pie => basename($pointer) === 'bought' && $layer instanceof SolidLayer
            ? $this->pie->withLayer($layer->scaled($grams / max(1e-9, $layer->bought->grams)))
            : $this->changed([new Change($pointer, DocumentWriter::write(new Amount(Figures::grams($grams), $grams)))]);

        return [new Statement('asks.amount', ['food' => mb_strtolower(explode(',', $one->food->name)[0])]), [
            new Alternative(new Statement('answer.amount', ['massGrams' => $span->least]), $to($span->least)),
            new Alternative(new Statement('answer.amount', ['massGrams' => $span->value]), null),
            new Alternative(new Statement('answer.amount', ['massGrams' => $span->most]), $to($span->most)),
        ]];
    }

    /** @return array{Statement, list<Alternative>}|null */
    private function after(string $pointer): ?array
    {
        $layer = $this->pie->layers[(int) explode('/', $pointer)[2]] ?? null;
        if (! $layer instanceof SolidLayer || $layer->steps === []) {
            return null;
        }
        $preparation = $layer->steps[count($layer->steps) - 1]->preparation;
        $answers = [];
        foreach (['still wet' => 'less', 'usual' => 'usual', 'squeezed hard' => 'more'] as $word => $way) {
            $share = Condition::in($word, $layer->food, $preparation)?->share;
            $grams = min($layer->bought->grams, ($share->value ?? ($layer->now->grams / max(1e-9, $layer->bought->grams))) * $layer->bought->grams);
            $answers[] = $share === null && $word !== 'usual' ? null : new Alternative(
                new Statement("answer.after-$way", ['massGrams' => $grams]), $word === 'usual' ? null : $this->changed([new Change($pointer, DocumentWriter::write(Amount::spoken(Figures::grams($grams), $share === null ? $layer->now->span() : $share->times($layer->bought->grams))))]),
            );
        }
        $answers = array_values(array_filter($answers));

        return count($answers) < 2 ? null : [new Statement('asks.after', ['food' => $this->foodAt($pointer)]), $answers];
    }
}
