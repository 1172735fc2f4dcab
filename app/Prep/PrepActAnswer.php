<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use App\Forecast\Rounded;
use App\Wording\Words;
use Hojaldre\Core\Batch\Prep\ActKind;
use Hojaldre\Core\Batch\Prep\PieShare;
use Hojaldre\Core\Batch\Prep\PrepAct;
use Hojaldre\Core\Moisture\EyeShare;
use Hojaldre\Core\Moisture\Phase;
use Hojaldre\Core\Statement\Statement;

/** One act of the list. */
#[Schema('PrepAct')]
final readonly class PrepActAnswer
{
    /**
     * @param  float|null  $stopGrams  of all of it, to stop at
     * @param  int  $goes  pans or bowls, one after the other
     * @param  float  $goBeforeGrams  in one of them
     * @param  float|null  $goStopGrams  in one of them
     * @param  list<PhaseAnswer>  $phases
     * @param  float  $minutes  hands on, all goes together
     * @param  float  $waitMinutes  afterwards, without hands
     * @param  list<ShareAnswer>  $shares
     * @param  list<string>  $says  how, why, what to mind
     * @param  string  $byEye  when to stop without a scale; empty where nothing is driven off
     * @param  string  $here  what this kitchen's weighings say
     * @param  float  $saltGrams  rubbed on
     */
    private function __construct(
        public string $id,
        public ActKind $kind,
        public string $title,
        public float $beforeGrams,
        public ?float $stopGrams,
        public int $goes,
        public float $goBeforeGrams,
        public ?float $goStopGrams,
        public array $phases,
        public float $minutes,
        public float $waitMinutes,
        public array $shares,
        public array $says,
        public string $byEye,
        public string $here,
        public float $saltGrams,
    ) {
    }

    /** @param  array{share: float, weighings: int}|null  $yield */
    public static function of(PrepAct $act, ?array $yield, Words $words): self
    {
        $cooling = $act->cooling;
        $loses = $act->stopGrams !== null && $act->stopGrams < 0.98 * $act->beforeGrams;

        return new self(
            $act->id, $act->kind, $words->say($act->title), round($act->beforeGrams, 1), Rounded::to($act->stopGrams, 1), $act->goes,
            round($act->beforeGrams / $act->goes, 1), Rounded::to($act->stopGrams === null ? null : $act->stopGrams / $act->goes, 1),
            array_map(static fn (Phase $one): PhaseAnswer => new PhaseAnswer($words->word('phase', $one->name), $one->minutes), $act->phases), round($act->minutes(), 1), $act->waitMinutes,
            array_map(static fn (PieShare $one): ShareAnswer => new ShareAnswer($one->number, round($one->grams, 1)), $act->shares),
            [...array_map($words->say(...), $act->says), ...($cooling === null ? [] : [$words->say(self::cooling($act))])],
            $loses ? $words->word('eye', EyeShare::nearest($act->stopGrams / max(1e-9, $act->beforeGrams))) : '',
            $yield === null || $act->kind !== ActKind::Cook ? '' : $words->say(new Statement('yield.here', ['sharePercent' => 100 * $yield['share'], 'weighings' => $yield['weighings']])),
            round($act->saltGrams, 1),
        );
    }

    private static function cooling(PrepAct $act): Statement
    {
        $plan = $act->cooling;

        return new Statement('cool.tray', [
            'depthMm' => $plan->depthMm ?? 0.0, 'doughMinutes' => ceil($plan->forDoughMinutes ?? 480.0), 'eggMinutes' => ceil($plan->forEggMinutes ?? 480.0),
            'fridgeMinutes' => $plan->fridgeByMinutes ?? 0.0, 'fridge' => $plan?->fridgeByMinutes === null ? 'never' : ($plan->fridgeByMinutes > 0 ? 'by' : 'now'),
        ]);
    }
}
