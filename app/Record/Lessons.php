<?php

declare(strict_types=1);

namespace App\Record;

use App\Day\DayMark;
use App\Kitchen\Kitchen;
use App\Kitchen\User;
use App\Oven\KitchenOven;
use App\Pastry\DoughWater;
use App\Pastry\KitchenDough;
use App\Prep\KitchenYield;
use App\Wording\Words;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Pastry\Dough\WaterNeed;
use Hojaldre\Core\Record\ColourWord;
use Hojaldre\Core\Record\OvenEvidence;
use Hojaldre\Core\Record\OvenLearned;
use Hojaldre\Core\Record\PaceLearned;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\WishLearned;
use Hojaldre\Core\Record\YieldLearned;
use Hojaldre\Core\Seasoning\Salt;
use Hojaldre\Core\Statement\Statement;

/** What a kitchen has learned: each thing with what its bakes say, what is in use, and what was decided. */
final readonly class Lessons
{
    /** Of an example that says what a yield changes, g (definition). */
    private const EXAMPLE_GRAMS = 450.0;

    /** Of one that says what a pace changes, min (definition). */
    private const EXAMPLE_MINUTES = 10.0;

    /** So far from the dial it is told as cold or hot, K (definition). */
    private const SAME_KELVINS = 1.0;

    /** @param  array<string, KitchenLesson>  $decided */
    private function __construct(private Kitchen $kitchen, private User $user, private Words $words, private array $decided)
    {
    }

    /** @param  bool  $worksOut  a few of the bakes that are new are worked out and kept */
    public static function of(Kitchen $kitchen, User $user, bool $worksOut = false): LessonList
    {
        $self = new self($kitchen, $user, $user->words(), KitchenLesson::of($kitchen));
        [$evidence, $left] = BakeEvidence::byOven($kitchen, $worksOut);

        return new LessonList([...$self->ovens($evidence), ...$self->yields(), ...$self->waters(), ...$self->paces(), ...$self->wishes()], $left);
    }

    /**
     * @param  array<string, list<array{OvenEvidence, float}>>  $evidence
     * @return list<LessonAnswer>
     */
    private function ovens(array $evidence): array
    {
        $lessons = [];
        foreach (KitchenOven::query()->where('kitchen_id', $this->kitchen->id)->orderBy('name')->get() as $oven) {
            $own = $evidence[$oven->id] ?? [];
            if ($own === []) {
                continue;
            }
            // each bake was done with the dial as it was known then
            $shifted = array_map(static fn (array $one): OvenEvidence => $one[0]->shifted($oven->runs_by_kelvins - $one[1]), $own);
            $usual = ($this->was("oven:$oven->id") ?? $oven->runs_by_kelvins) - $oven->runs_by_kelvins;
            $learned = OvenLearned::from($shifted, $usual);
            $each = array_map(static fn (OvenEvidence $one): float => round($oven->runs_by_kelvins + OvenLearned::from([$one], $usual)->ovenKelvins, 1), $shifted);
            $off = $oven->runs_by_kelvins + $learned->ovenKelvins;
            $bakes = count($own) === 1 ? '1 bake' : count($own).' bakes';
            $lessons[] = $this->lesson(
                "oven:$oven->id", ['name' => new Statement('lesson.oven', ['oven' => $oven->name]), 'value' => new Statement('lesson-value.oven', ['way' => self::way($off), 'offKelvins' => abs($off)]), 'effect' => new Statement('lesson-effect.oven', ['offKelvins' => abs($learned->ovenKelvins), 'way' => self::way($learned->ovenKelvins)])],
                [$off, $oven->runs_by_kelvins + $learned->lowKelvins, $oven->runs_by_kelvins + $learned->highKelvins], $oven->runs_by_kelvins, [-30.0, 30.0], $each, 'heat', $bakes, ' °C',
            );
            $lessons[] = $this->lesson(
                "below:$oven->id", ['name' => new Statement('lesson.below', ['oven' => $oven->name]), 'value' => new Statement('lesson-value.below', ['belowPercent' => 100 * $learned->fromBelowFactor]), 'effect' => new Statement('lesson-effect.below')],
                [100 * $learned->fromBelowFactor, 100 * $learned->lowBelow, 100 * $learned->highBelow], 100 * $oven->below_factor, [50.0, 190.0], [], 'heat', $bakes, ' %',
            );
        }

        return $lessons;
    }

    private static function way(float $kelvins): string
    {
        return abs($kelvins) < self::SAME_KELVINS ? 'same' : ($kelvins < 0 ? 'cold' : 'hot');
    }

    /** @return list<LessonAnswer> */
    private function yields(): array
    {
        $by = [];
        foreach (KitchenYield::query()->where('kitchen_id', $this->kitchen->id)->orderBy('weighed_at')->get() as $one) {
            $by["$one->food_id|$one->preparation"][] = $one->after_grams / $one->before_grams;
        }
        $lessons = [];
        foreach ($by as $key => $shares) {
            [$food, $preparation] = explode('|', $key, 2);
            $house = Pantry::family($food) === null ? null : Pantry::preparation($food, $preparation);
            if ($house === null) {
                continue;
            }
            $usual = ($house->yieldLow + $house->yieldHigh) / 2;
            $learned = YieldLearned::from($shares, $usual);
            $inUse = ($this->decided["yield:$key"]->state ?? '') === 'accepted' ? $this->decided["yield:$key"]->value : 100 * $usual;
            $lessons[] = $this->lesson(
                "yield:$key", [
                    'name' => new Statement('lesson.yield', ['food' => Pantry::food($food)->name, 'preparation' => $preparation]), 'value' => new Statement('lesson-value.yield', ['sharePercent' => 100 * $learned->share]),
                    'effect' => new Statement('lesson-effect.yield', ['beforeGrams' => self::EXAMPLE_GRAMS, 'afterGrams' => self::EXAMPLE_GRAMS * $learned->share, 'houseGrams' => self::EXAMPLE_GRAMS * $usual]),
                ],
                [100 * $learned->share, 100 * $learned->low, 100 * $learned->high], $inUse, [max(0.0, 100 * $usual - 35), min(100.0, 100 * $usual + 35)], array_map(static fn (float $share): float => round(100 * $share, 1), $shares), 'water',
                count($shares) === 1 ? '1 weighing' : count($shares).' weighings', ' %',
            );
        }

        return $lessons;
    }

    /** @return list<LessonAnswer> */
    private function waters(): array
    {
        $lessons = [];
        $formulas = KitchenDough::formulasOf($this->kitchen);
        $accepted = DoughWater::accepted($this->kitchen);
        foreach (DoughWater::of($this->kitchen) as $dough => $makings) {
            $formula = $formulas[$dough] ?? null;
            if ($formula === null || $formula->liquidPercent() <= 0) {
                continue;
            }
            $percents = DoughWater::percents($makings);
            $need = WaterNeed::of($formula, $percents);
            $lessons[] = $this->lesson(
                "water:$dough", ['name' => new Statement('lesson.water', ['food' => $formula->name]), 'value' => null, 'effect' => new Statement('lesson-effect.water', ['recipePercent' => $formula->liquidPercent()])],
                [$need->usualPercent, $need->likelyFromPercent, $need->likelyToPercent], WaterNeed::of($formula, $accepted[$dough] ?? [])->usualPercent, [0.6 * $formula->liquidPercent(), 1.4 * $formula->liquidPercent()],
                array_map(static fn (float $one): float => round($one, 1), $percents), 'water', count($percents) === 1 ? '1 making' : count($percents).' makings', ' % of the flour', 1,
            );
        }

        return $lessons;
    }

    /** @return list<LessonAnswer> */
    private function paces(): array
    {
        $lessons = [];
        $inUse = DayMark::ownMinutes($this->kitchen)->factors();
        foreach (DayMark::ratios($this->kitchen) as $kind => $ratios) {
            $learned = PaceLearned::from($ratios);
            $lessons[] = $this->lesson(
                "pace:$kind", ['name' => new Statement('lesson.pace', ['kind' => $this->words->word('task-short', $kind)]), 'value' => null, 'effect' => new Statement('lesson-effect.pace', ['exampleMinutes' => self::EXAMPLE_MINUTES, 'takenMinutes' => round(self::EXAMPLE_MINUTES * $learned->factor)])],
                [100 * $learned->factor, 100 * $learned->low, 100 * $learned->high], 100 * ($inUse[$kind] ?? 1.0), [40.0, 200.0], array_map(static fn (float $one): float => round(100 * $one), $ratios), 'plain', count($ratios).' marks', ' % of the usual minutes',
            );
        }

        return $lessons;
    }

    /** @return list<LessonAnswer> */
    private function wishes(): array
    {
        $salt = $colour = [];
        foreach (Book::all($this->kitchen)->whereNotNull('judged_at')->orderByDesc('out_at')->limit(60)->get(['foretold', 'salt', 'colour']) as $bake) {
            $foretold = $bake->foretold();
            $salt = $bake->salt === null ? $salt : [...$salt, [$foretold->saltPercent, SaltWord::from($bake->salt)]];
            $colour = $bake->colour === null ? $colour : [...$colour, [$foretold->topIndex, ColourWord::from($bake->colour)]];
        }
        $lessons = [];
        if ($salt !== []) {
            $learned = WishLearned::salt($salt);
            $lessons[] = $this->lesson(
                'salt', ['name' => new Statement('lesson.salt'), 'value' => null, 'effect' => new Statement('lesson-effect.salt')], [$learned->value, $learned->low, $learned->high], $this->accepted('salt') ?? Salt::AIM_PERCENT, [0.3, 2.2],
                array_map(static fn (array $one): float => round($one[0], 2), array_values(array_filter($salt, static fn (array $one): bool => $one[1] === SaltWord::Enough))), 'plain', count($salt).' judged', ' %', 1,
            );
        }
        if ($colour !== []) {
            $learned = WishLearned::colour($colour);
            [$from, $to] = $this->user->colour->band();
            $lessons[] = $this->lesson(
                'colour', ['name' => new Statement('lesson.colour'), 'value' => null, 'effect' => new Statement('lesson-effect.colour')], [$learned->value, $learned->low, $learned->high], ($from + $to) / 2, [0.0, 2.6],
                array_map(static fn (array $one): float => round($one[0], 2), array_values(array_filter($colour, static fn (array $one): bool => $one[1] === ColourWord::Golden))), 'plain', count($colour).' judged', ', 1 is golden', 1,
            );
        }

        return $lessons;
    }

    /** What was in use before it was taken; null where it was not. */
    private function was(string $thing): ?float
    {
        $one = $this->decided[$thing] ?? null;

        return $one?->state === 'accepted' ? $one->was : null;
    }

    private function accepted(string $thing): ?float
    {
        $one = $this->decided[$thing] ?? null;

        return $one?->state === 'accepted' ? $one->value : null;
    }

    /**
     * @param  array{name: Statement, value: Statement|null, effect: Statement}  $said  its value in words; null for the figure
     * @param  array{float, float, float}  $says  and between what 8 in 10 lie
     * @param  array{float, float}  $scale
     * @param  list<float>  $ticks
     */
    private function lesson(string $thing, array $said, array $says, float $inUse, array $scale, array $ticks, string $substance, string $evidence, string $unit, int $digits = 0): LessonAnswer
    {
        [$mean, $low, $high] = $says;
        $decided = $this->decided[$thing] ?? null;
        // the value says which way it is
        [$from, $to] = $high < 0 ? [-$high, -$low] : [$low, $high];
        $figure = static fn (float $number): string => str_replace('-', '−', Figures::number($number, $digits));

        return new LessonAnswer(
            $thing, $this->words->say($said['name']), $said['value'] === null ? $figure($mean).$unit : $this->words->say($said['value']), $figure($from).' to '.$figure($to).$unit, round($mean, 3), round($low, 3), round($high, 3), round($inUse, 3),
            min($scale[0], $low, $inUse), max($scale[1], $high, $inUse), $ticks, $substance, $evidence, $this->words->say($said['effect']), LessonState::from($decided->state ?? 'offered'), $decided?->decided_by, $decided?->decided_at->toIso8601String(),
        );
    }
}
