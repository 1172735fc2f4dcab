<?php

declare(strict_types=1);

namespace App\Day;

use App\Contract\Schema;
use App\Forecast\KeptAnswers;
use App\Wording\Words;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\PaperWarning;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Statement\Statement;

/** A pie of a day that gives fewer minutes than are safe, or that is kept and cools too slowly. */
#[Schema('DayWarning')]
final readonly class DayWarning
{
    /**
     * @param  string  $pie  its uuid
     * @param  list<string>  $says
     * @param  float|null  $safeMinutes  that would be safe; null where that is not what is wrong
     */
    private function __construct(public string $pie, public string $name, public array $says, public ?float $safeMinutes)
    {
    }

    /**
     * @param  array<string, Pie>  $designs  by their uuid
     * @return array<string, PaperWarning> of those that are baked from scratch; each design is baked once
     */
    public static function all(Day $day, array $designs): array
    {
        $warnings = [];
        foreach ($day->orders as $order) {
            if ($order->from === OrderFrom::Scratch && $order->ending !== Ending::Frozen && isset($designs[$order->pie])) {
                $warnings[$order->pie] ??= self::kept($designs[$order->pie]);
            }
        }

        return $warnings;
    }

    /** @return list<Statement> what is said of an ending */
    public static function says(PaperWarning $warning, bool $isKept): array
    {
        return [...$warning->says, ...($isKept ? $warning->ifKept : [])];
    }

    /**
     * @param  array<string, PaperWarning>  $warnings
     * @param  array<string, Pie>  $designs
     * @return list<self>
     */
    public static function answers(Day $day, array $warnings, array $designs, Words $words): array
    {
        $answers = [];
        foreach ($warnings as $pie => $warning) {
            $says = self::says($warning, self::isKept($day, $pie));
            if ($says !== []) {
                $answers[] = new self($pie, $designs[$pie]->name, array_map($words->say(...), $says), $warning->safeMinutes);
            }
        }

        return $answers;
    }

    public static function isKept(Day $day, string $pie): bool
    {
        return array_filter($day->orders, static fn ($one): bool => $one->pie === $pie && $one->ending === Ending::Chilled) !== [];
    }

    private static function kept(Pie $pie): PaperWarning
    {
        $kept = KeptAnswers::to('warning'.PieFile::write($pie));
        $known = $kept->answer();
        $found = $known === null ? null : @unserialize($known, ['allowed_classes' => [PaperWarning::class, Statement::class]]);
        if ($found instanceof PaperWarning) {
            return $found;
        }
        $warning = PaperWarning::of(Forecast::of($pie));
        $kept->keep(serialize($warning));

        return $warning;
    }
}
