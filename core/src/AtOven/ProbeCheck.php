<?php

declare(strict_types=1);

namespace Hojaldre\Core\AtOven;

/**
 * Sifts what a probe read: a reading counts when the middle of this pie can have it. It lies within what the possible bakes have at that
 * minute, with a margin; it follows the one before no faster than they warm; in the oven it does not cool. A probe that reads otherwise for
 * half a minute has moved, and counts again when somebody has put it back and said so. What it cannot tell: a probe that was never in
 * the middle, and one that drifts slowly (docs/model.md#at-the-oven).
 */
final readonly class ProbeCheck
{
    /** Clocks of devices differ a little, min (judgement). */
    private const CLOCK_MINUTES = 1.0;

    /** Beyond the hottest and the coldest of the possible bakes: a share of what lies between them, and what a probe is off, K (judgement; drill probe). */
    private const BEYOND_SHARE = 0.35;

    private const BEYOND_KELVINS = 4.0;

    /** A middle warms no faster than the fastest of them times this, and a little, K a minute (judgement; drill probe). */
    private const FASTER = 1.5;

    private const FASTER_KELVINS = 1.0;

    /** Noise of two readings, K (judgement). */
    private const NOISE_KELVINS = 2.0;

    /** A reading is held against the last, and against what was read so long ago, min (definition). */
    private const SPANS_MINUTES = [0.0, 0.5, 1.0, 2.0];

    /** Out of the oven a middle goes down so fast at most, up no faster than this, K a minute (judgement). */
    private const COOLS_KELVINS = 8.0;

    private const CARRIES_KELVINS = 2.0;

    /** So many readings over so long that cannot be: it has moved (definition). */
    private const MOVED_READINGS = 3;

    private const MOVED_MINUTES = 0.5;

    /** From the first reading on too hot for so long: it was put in somewhere else; less is the way from another pie, min (judgement). */
    private const NEVER_IN_MINUTES = 5.0;

    /** What was read so shortly before goes too, min (judgement). */
    private const MOVED_BEFORE_MINUTES = 1.5;

    /** So many that agree with each other and are colder were right, and those before them wrong (definition). */
    private const AGREE = 5;

    /**
     * @param  list<float>  $least  the coldest of the possible bakes at each minute, °C
     * @param  list<float>  $most  the hottest
     * @param  list<float>  $rises  the most that any of them warms in the minute from there on, K
     * @param  list<float>  $pluggedMinutes  when somebody said that the probe is in, since it went in
     */
    private function __construct(private array $least, private array $most, private array $rises, private float $nowMinute, private float $outMinute, private array $pluggedMinutes)
    {
    }

    /**
     * @param  list<array{float, float}>  $readings  minutes since it went in and °C, in any order
     * @param  float  $nowMinute  since it went in; INF of a bake that is long over
     * @param  float|null  $outMinute  null while it is in
     * @param  list<float>  $pluggedMinutes
     */
    public static function sift(array $readings, PossibleBakes $possible, float $nowMinute, ?float $outMinute, array $pluggedMinutes = []): Trace
    {
        $least = $most = $rises = [];
        for ($minute = 0; $minute <= $possible->followedMinutes(); $minute++) {
            $now = array_map(static fn (PossibleBake $bake): float => $bake->celsiusAt($minute), $possible->bakes);
            [$least[], $most[]] = [min($now), max($now)];
            $rises[] = max(array_map(static fn (PossibleBake $bake): float => $bake->celsiusAt($minute + 1) - $bake->celsiusAt($minute), $possible->bakes));
        }

        return (new self($least, $most, $rises, $nowMinute, $outMinute ?? INF, $pluggedMinutes))->sifted(Trace::sorted($readings));
    }

    /** @param  list<array{float, float}>  $readings */
    private function sifted(array $readings): Trace
    {
        $good = $left = $doubted = [];
        $movedAt = null;
        foreach ($readings as [$minute, $celsius]) {
            if ($movedAt !== null && $this->isBackSince($movedAt, $minute)) {
                [$movedAt, $doubted] = [null, []];
            }
            $why = $this->cannotBe($minute, $celsius) ?? ($movedAt !== null ? LeftOutWhy::Moved : $this->follows($good, $minute, $celsius));
            if ($why === null) {
                $good[] = [$minute, $celsius, $doubted === []];
                $doubted = [];

                continue;
            }
            if ($why === LeftOutWhy::BeforeItWentIn || $why === LeftOutWhy::AheadOfTime) {
                $left[] = new LeftOut($minute, $celsius, $why);

                continue;
            }
            $doubted[] = [$minute, $celsius, $why];
            if ($movedAt === null && $this->agree($doubted, $good)) {
                // colder, and of one mind: what was read before was read elsewhere
                array_push($left, ...array_map(static fn (array $one): LeftOut => new LeftOut($one[0], $one[1], LeftOutWhy::TooHot), $good));
                $good = array_map(static fn (array $one): array => [$one[0], $one[1], true], $doubted);
                $doubted = [];

                continue;
            }
            $left[] = new LeftOut($minute, $celsius, $why);
            if ($movedAt === null && $this->hasMoved($doubted, $good)) {
                $movedAt = $minute;
                // the way there began before it was seen
                while ($good !== [] && $doubted[0][0] - $good[count($good) - 1][0] <= self::MOVED_BEFORE_MINUTES) {
                    $one = array_pop($good);
                    $left[] = new LeftOut($one[0], $one[1], LeftOutWhy::Moved);
                }
            }
        }

        return Trace::sifted(array_values($good), $left, $this->outMinute, $movedAt === null);
    }

    private function isBackSince(float $movedAt, float $minute): bool
    {
        return array_filter($this->pluggedMinutes, static fn (float $one): bool => $one > $movedAt && $one <= $minute) !== [];
    }

    /** By itself, at that minute. */
    private function cannotBe(float $minute, float $celsius): ?LeftOutWhy
    {
        if ($minute < -self::CLOCK_MINUTES || $minute > $this->nowMinute + self::CLOCK_MINUTES) {
            return $minute < 0 ? LeftOutWhy::BeforeItWentIn : LeftOutWhy::AheadOfTime;
        }
        if (! Trace::isFood($celsius)) {
            return LeftOutWhy::NoFood;
        }
        [$low, $high] = $this->between(min($minute, $this->outMinute));

        return match (true) {
            $celsius > $high => LeftOutWhy::TooHot,
            $celsius < $low && $minute <= $this->outMinute => LeftOutWhy::TooCold,
            default => null,
        };
    }

    /** @return array{float, float} what a middle can have at a minute, °C */
    private function between(float $minute): array
    {
        // between two whole minutes the wider of both
        $last = count($this->most) - 1;
        [$from, $to] = [max(0, min($last, (int) floor($minute))), max(0, min($last, (int) ceil($minute)))];
        $least = min($this->least[$from], $this->least[$to]);
        $most = max($this->most[$from], $this->most[$to]);
        $beyond = self::BEYOND_KELVINS + self::BEYOND_SHARE * ($most - $least);

        return [$least - $beyond, $most + $beyond];
    }

    /** @param  list<array{float, float, bool}>  $good */
    private function follows(array $good, float $minute, float $celsius): ?LeftOutWhy
    {
        // against the one before, and against those of one and of two minutes ago: small steps may make a fast climb
        foreach ($this->before($good, $minute) as $last) {
            if (! $this->mayFollow($last, $minute, $celsius)) {
                return LeftOutWhy::Jumped;
            }
        }

        return null;
    }

    /**
     * @param  list<array{float, float, bool}>  $good
     * @return list<array{float, float, bool}> the last, and the last that are older than each of the spans
     */
    private function before(array $good, float $minute): array
    {
        $found = [];
        $i = count($good) - 1;
        foreach (self::SPANS_MINUTES as $span) {
            while ($i >= 0 && $minute - $good[$i][0] < $span - 1e-6) {
                $i--;
            }
            if ($i >= 0) {
                $found[] = $good[$i];
            }
        }

        return $found;
    }

    /** @param  array{float, float, bool}  $last */
    private function mayFollow(array $last, float $minute, float $celsius): bool
    {
        $since = max(0.25, $minute - $last[0]);
        [$up, $down] = $minute > $this->outMinute ? [self::CARRIES_KELVINS, self::COOLS_KELVINS] : [$this->warmsAt($last[0], $minute), 0.2];

        return $celsius <= $last[1] + self::NOISE_KELVINS + $up * $since && $celsius >= $last[1] - self::NOISE_KELVINS - $down * $since;
    }

    /** The fastest that any of the possible bakes warms between two minutes, with what is allowed beyond, K a minute. */
    private function warmsAt(float $from, float $to): float
    {
        $last = count($this->rises) - 1;
        $first = max(0, min($last, (int) floor($from) - 1));
        $rates = array_slice($this->rises, $first, max(1, min($last, (int) ceil($to) + 1) - $first + 1));

        return self::FASTER * max([0.0, ...$rates]) + self::FASTER_KELVINS;
    }

    /**
     * @param  list<array{float, float, LeftOutWhy}>  $doubted
     * @param  list<array{float, float, bool}>  $good
     */
    private function agree(array $doubted, array $good): bool
    {
        $last = $good[count($good) - 1] ?? null;
        if ($last === null || count($doubted) < self::AGREE || $doubted[count($doubted) - 1][1] > $last[1]) {
            return false;
        }
        foreach ($doubted as $i => [$minute, $celsius, $why]) {
            if ($why !== LeftOutWhy::Jumped || $i > 0 && $this->follows([[$doubted[$i - 1][0], $doubted[$i - 1][1], true]], $minute, $celsius) !== null) {
                return false;
            }
        }

        return true;
    }

    /**
     * To where it is hotter: what is colder makes nothing safe too early.
     *
     * @param  list<array{float, float, LeftOutWhy}>  $doubted
     * @param  list<array{float, float, bool}>  $good
     */
    private function hasMoved(array $doubted, array $good): bool
    {
        $all = count($doubted);
        if ($good === []) {
            // else what stands in a hotter pie counts from the minute at which this one may be as hot
            return $doubted[0][2] === LeftOutWhy::TooHot && $doubted[$all - 1][2] === LeftOutWhy::TooHot && $doubted[$all - 1][0] - $doubted[0][0] >= self::NEVER_IN_MINUTES;
        }

        return $doubted[$all - 1][1] > $good[count($good) - 1][1] && $all >= self::MOVED_READINGS && $doubted[$all - 1][0] - $doubted[0][0] >= self::MOVED_MINUTES;
    }
}
