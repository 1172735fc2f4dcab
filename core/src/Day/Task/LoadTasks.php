<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

use Hojaldre\Core\Batch\DoughPlan;
use Hojaldre\Core\Batch\Prep\ShellActs;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\Ending;
use Hojaldre\Core\Day\OrderFrom;
use Hojaldre\Core\Day\OwnMinutes;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Lining;
use Hojaldre\Core\Pastry\Rest\Rest;
use Hojaldre\Core\Pastry\Rest\RestName;
use Hojaldre\Core\Pastry\Rolled\RimFinish;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Statement\Statement;

/** What is done for one load, from its dough to when it is ready. Minutes: common practice, no source, unless said. */
final readonly class LoadTasks
{
    /** Dusting and rolling out; a tin lined and docked; a lid; a folded piece cut, and filled and crimped (common practice, no source). */
    private const ROLL = 2.0;

    private const TIN = 4.0;

    private const LID = 3.0;

    private const CUT_PIECE = 0.25;

    private const FOLD_PIECE = 1.0;

    /** Weights in with a second docking; weights out into their bowl; trimmed while hot; egg brushed on (common practice, no source). */
    private const WEIGHTS_IN = 1.0;

    private const WEIGHTS_OUT = 2;

    private const TRIM = 1.0;

    private const SEAL = 3;

    private const FILL = 2.0;

    private const WHISK = 4.0;

    private const SAUCE = 10.0;

    private const UNMOULD = 1.0;

    /** The first look, this share of the way (common practice, no source: 80 to 90 per cent). */
    private const LOOK_SHARE = 0.85;

    /** A dough keeps two days, a shell or a lined tin one; a custard a day, chilled (common practice, no source). */
    private const DOUGH_KEEPS = 2880;

    private const DAY_KEEPS = 1440;

    /** Filled and not yet in the oven: a custard on its crust, anything else on the bench; raw meat and folds wait in the fridge (common practice, no source). */
    private const CUSTARD_WAITS = 10;

    private const BENCH_WAITS = 30;

    private const FRIDGE_WAITS = 720;

    /** Warm or cold, it is eaten, chilled or thrown away so many minutes after the oven (docs/sources.md#food-code, time without temperature control). */
    public const STANDS_MOST = 240;

    /** On the rack at most before the fridge, so that it is at 21 °C in two hours (docs/sources.md#food-code). */
    private const CHILL_LEAST = 45;

    private const CHILL_MOST = 90;

    private const REHEAT_MINUTES = 15;

    private const REHEAT_CELSIUS = 170.0;

    /** @param  array<string, list<Statement>>  $warnings  what stands first at the bake, by pie */
    public function __construct(private Day $day, private OwnMinutes $own, private float $kitchenCelsius, private array $warnings = [])
    {
    }

    /**
     * @param  list<Bound>  $fillings  from what is cooked for it, yet to be led to its filling
     * @param  list<Task>  $doughs  that are mixed
     * @return DayTasks|null null where it cannot be done: too large for each oven, or baked frozen and never safe
     */
    public function of(Load $load, ?DoughPlan $plan, array $fillings, array $doughs): ?DayTasks
    {
        if ($load->order->from !== OrderFrom::Scratch) {
            return $this->fromBefore($load);
        }
        $is = $load->pies->folded() !== null;
        [$tasks, $bounds, $holds] = $is ? $this->folded($load, $plan) : $this->inTin($load, $plan);
        $bounds = [...$bounds, ...self::doughFirst($load, $plan, $doughs)];
        $fill = ($is ? 'fold:' : 'fill:').$load->id;
        $bounds = [...$bounds, ...array_map(static fn (Bound $one): Bound => new Bound($one->from, $fill, $one->leastMinutes, null, $one->between), $fillings)];
        if ($load->order->ending === Ending::Frozen) {
            $tasks[] = new Task("freeze:$load->id", TaskKind::Freeze, self::title('task.freeze', $load), [$load->order->id], $load->id, 1, [Part::hands(0, 1)]);
            $bounds[] = new Bound($fill, "freeze:$load->id", 0, self::BENCH_WAITS, Between::Stands);

            return new DayTasks($tasks, $bounds, $holds, [new Goal($load->order->id, "freeze:$load->id", 0, "freeze:$load->id", 0, $load->order->atMinute, $load->count())]);
        }
        $bake = $this->bake($load);
        if ($bake->ovens === []) {
            return null;
        }
        $chilled = $is;
        $bounds[] = new Bound($fill, $bake->id, 0, $chilled ? self::FRIDGE_WAITS : ($load->pies->pie->custard() !== null ? self::CUSTARD_WAITS : self::BENCH_WAITS), Between::Stands);
        $holds = $chilled ? [...$holds, new Hold(Resource::Fridge, $load->trays(), $fill, $bake->id)] : $holds;

        return $this->ended($load, [...$tasks, $bake], $bounds, $holds);
    }

    /** Baked from frozen, or only warmed again. */
    private function fromBefore(Load $load): ?DayTasks
    {
        if ($load->order->from === OrderFrom::Baked) {
            $parts = [Part::hands(0, 1, PartName::In), Part::hands(self::REHEAT_MINUTES, 1, PartName::Out)];
            $ovens = $load->ovens([['fromMinute' => 0, 'minutes' => self::REHEAT_MINUTES + 1, 'celsius' => self::REHEAT_CELSIUS, 'mode' => OvenMode::Static]], $this->day);
            $task = new Task("reheat:$load->id", TaskKind::Reheat, self::title('task.reheat', $load), [$load->order->id], $load->id, self::REHEAT_MINUTES + 1, $parts, $ovens, [new Statement('day.reheat-safe')]);

            return $ovens === [] ? null : new DayTasks([$task], [], [], [new Goal($load->order->id, $task->id, 0, $task->id, 0, $load->order->atMinute, $load->count())]);
        }
        $minutes = FrozenBake::minutes($load->pies->pie);
        $bake = $minutes === null ? null : $this->bake($load, $minutes);

        return $bake === null || $bake->ovens === [] ? null : $this->ended($load, [$bake], [], []);
    }

    /** @return array{list<Task>, list<Bound>, list<Hold>} up to its filling */
    private function inTin(Load $load, ?DoughPlan $plan): array
    {
        $pie = $load->pies->pie;
        $n = $load->count();
        $isLined = $pie->crust->lining === Lining::Tin;
        $lidMinutes = $pie->crust->lid === null ? 0.0 : self::LID * $n;
        $line = $this->rolled("line:$load->id", TaskKind::Line, $isLined ? 'task.line' : 'task.lid', $load, $plan, ($isLined ? self::TIN * $n : 0.0) + $lidMinutes);
        [$tasks, $bounds] = [[$line], []];
        $holds = [];
        $fill = new Task("fill:$load->id", TaskKind::Fill, self::title('task.fill', $load), [$load->order->id], $load->id, $fillMinutes = $this->own->of(TaskKind::Fill, self::FILL + self::FILL * $n + ($pie->crust->lid === null ? 0.0 : $n)), [Part::hands(0, $fillMinutes)], [], self::fillSays($load));
        $chill = self::rest($plan, RestName::InTheTin);
        if ($pie->form()->canBeBakedBlind() && $pie->crust->shell !== []) {
            $shell = $this->shell($load);
            $cool = (int) ceil(ShellActs::coolMinutes($pie, $this->kitchenCelsius) ?? 30.0);
            $tasks = [...$tasks, $shell, $fill];
            $bounds = [...$bounds, new Bound($line->id, $shell->id, $chill, self::DAY_KEEPS, Between::Chills), new Bound($shell->id, $fill->id, $cool, self::DAY_KEEPS, Between::Cools)];
            $holds = [new Hold(Resource::Fridge, $load->trays(), $line->id, $shell->id), new Hold(Resource::Rack, $load->trays(), $shell->id, $fill->id)];
        } else {
            $tasks[] = $fill;
            $bounds[] = new Bound($line->id, $fill->id, $chill, self::DAY_KEEPS, Between::Chills);
            $holds[] = new Hold(Resource::Fridge, $load->trays(), $line->id, $fill->id);
        }
        $poured = $this->poured($load);

        return $poured === null ? [$tasks, $bounds, $holds] : [[...$tasks, $poured], [...$bounds, self::pouredFirst($load, $poured)], $holds];
    }

    /** @return array{list<Task>, list<Bound>, list<Hold>} up to its crimp */
    private function folded(Load $load, ?DoughPlan $plan): array
    {
        $n = $load->count();
        $cut = $this->rolled("line:$load->id", TaskKind::Line, 'task.cut-pieces', $load, $plan, self::CUT_PIECE * $n);
        $minutes = $this->own->of(TaskKind::Fold, self::FILL + self::FOLD_PIECE * $n);
        $fold = new Task("fold:$load->id", TaskKind::Fold, self::title('task.fold', $load), [$load->order->id], $load->id, $minutes, [Part::hands(0, $minutes)], [], self::fillSays($load));
        $bounds = [new Bound($cut->id, $fold->id, 0, self::DAY_KEEPS)];
        $poured = $this->poured($load);

        return $poured === null ? [[$cut, $fold], $bounds, []] : [[$cut, $fold, $poured], [...$bounds, self::pouredFirst($load, $poured)], []];
    }

    /** Out of the fridge, warmed on the bench until it rolls without cracks, rolled and cut. */
    private function rolled(string $id, TaskKind $kind, string $code, Load $load, ?DoughPlan $plan, float $minutes): Task
    {
        $temper = self::rest($plan, RestName::Temper);
        $roll = $this->own->of($kind, self::ROLL + $minutes);
        $parts = $temper > 0 ? [Part::hands(0, 1, PartName::DoughOut), Part::hands(1 + $temper, $roll)] : [Part::hands(0, $roll)];

        return new Task(
            $id, $kind, self::title($code, $load), [$load->order->id], $load->id, ($temper > 0 ? 1 + $temper : 0) + $roll, $parts, [],
            [...($temper > 0 ? [new Statement('day.temper', ['temperMinutes' => $temper])] : []), ...($plan?->formula === null ? [] : [new Statement('day.half-cold')])],
        );
    }

    private function shell(Load $load): Task
    {
        $pie = $load->pies->pie;
        $n = $load->count();
        $in = $this->own->of(TaskKind::Line, self::WEIGHTS_IN * $n) + 1;
        $parts = [Part::hands(0, $in, PartName::WeightsIn)];
        $stages = [];
        $at = $in;
        foreach ($pie->crust->shell as $index => $stage) {
            $before = $pie->crust->shell[$index - 1] ?? null;
            if ($before?->how === ShellSupport::Weighted && $stage->how !== ShellSupport::Weighted) {
                $parts[] = Part::hands($at, min(self::WEIGHTS_OUT, (int) ceil($stage->minutes)), PartName::WeightsOut);
            }
            $stages[] = ['fromMinute' => $at, 'minutes' => (int) ceil($stage->minutes), 'celsius' => $stage->ovenCelsius, 'mode' => $stage->mode];
            $at += (int) ceil($stage->minutes);
        }
        $last = $pie->crust->shell[count($pie->crust->shell) - 1];
        if ($pie->crust->seal !== Seal::None) {
            $parts[] = Part::hands($at, 1, PartName::Seal);
            $stages[] = ['fromMinute' => $at, 'minutes' => self::SEAL, 'celsius' => $last->ovenCelsius, 'mode' => $last->mode];
            $at += self::SEAL;
        }
        $out = 1 + ($load->pies->line->lining->rim === RimFinish::TrimmedAfter ? (int) ceil(self::TRIM * $n) : 0);
        $parts[] = Part::hands($at, $out, PartName::Out);
        $isWeighted = $pie->crust->shell[0]->how === ShellSupport::Weighted;

        return new Task(
            "shell:$load->id", TaskKind::Shell, self::title('task.shell', $load), [$load->order->id], $load->id, $at + $out, $parts, $load->ovens($stages, $this->day),
            [new Statement('day.dock-again'), ...($isWeighted ? [new Statement('day.weights')] : []), ...($pie->crust->seal === Seal::Egg ? [new Statement('day.seal')] : [])],
        );
    }

    private function bake(Load $load, ?int $minutes = null): Task
    {
        $bake = $load->pies->pie->bake;
        $stages = [];
        $parts = [Part::hands(0, 1, PartName::In)];
        $at = 0;
        foreach ($minutes === null ? $bake->stages : $bake->withMinutes((float) $minutes)->stages as $index => $stage) {
            $before = $bake->stages[$index - 1] ?? null;
            if ($before !== null && ($before->rack !== $stage->rack || $before->tent !== $stage->tent || $before->shield !== $stage->shield)) {
                $parts[] = Part::hands($at, 1, PartName::Move);
            }
            $stages[] = ['fromMinute' => $at, 'minutes' => (int) ceil($stage->minutes), 'celsius' => $stage->ovenCelsius, 'mode' => $stage->mode];
            $at += (int) ceil($stage->minutes);
        }
        $look = (int) round(self::LOOK_SHARE * $at);
        $taken = array_map(static fn (Part $one): int => $one->fromMinute, $parts);
        $parts = in_array($look, $taken, true) ? $parts : [...$parts, Part::hands($look, 1, PartName::Look)];
        $parts[] = Part::hands($at, 1, PartName::Out);

        return new Task(
            "bake:$load->id", TaskKind::Bake, self::title($minutes === null ? 'task.bake' : 'task.bake-frozen', $load), [$load->order->id], $load->id, $at + 1, $parts, $load->ovens($stages, $this->day),
            [...($minutes === null ? $this->warnings[$load->order->pie] ?? [] : []), new Statement('day.look', ['lookMinutes' => $look]), ...($load->pies->pie->form()->isClosed() ? [new Statement('day.tray-under')] : []), ...($load->pies->pie->tin->depthMm() > 60 ? [new Statement('day.turn')] : [])],
        );
    }

    /**
     * After the oven: a rest, or until it is cold, or into the fridge.
     *
     * @param  list<Task>  $tasks
     * @param  list<Bound>  $bounds
     * @param  list<Hold>  $holds
     */
    private function ended(Load $load, array $tasks, array $bounds, array $holds): DayTasks
    {
        $order = $load->order;
        $bake = "bake:$load->id";
        $rest = RestAfter::minutes($load->pies->pie, $order->ending, $this->kitchenCelsius);
        if ($order->ending === Ending::Chilled) {
            $chill = new Task("chill:$load->id", TaskKind::Chill, self::title('task.chill', $load), [$order->id], $load->id, 1, [Part::hands(0, 1)], [], [new Statement('day.chill-safe')]);

            return new DayTasks([...$tasks, $chill], [...$bounds, new Bound($bake, $chill->id, self::CHILL_LEAST, self::CHILL_MOST, Between::Cools)], [...$holds, new Hold(Resource::Rack, $load->trays(), $bake, $chill->id)], [new Goal($order->id, $chill->id, 0, $chill->id, 0, $order->atMinute, $load->count())]);
        }
        $out = $this->own->of(TaskKind::Unmould, self::UNMOULD + ($load->pies->folded() === null ? self::UNMOULD * $load->count() : 0.0));
        $isWashed = $load->loads > 1 && $load->pies->folded() === null;
        $unmould = new Task(
            "unmould:$load->id", TaskKind::Unmould, self::title($load->pies->folded() === null ? 'task.unmould' : 'task.plate', $load), [$order->id], $load->id, $out + ($isWashed ? $load->count() : 0),
            [Part::hands(0, $out + ($isWashed ? $load->count() : 0))], [], $isWashed ? [new Statement('day.wash-tins')] : [],
        );

        return new DayTasks(
            [...$tasks, $unmould], [...$bounds, new Bound($bake, $unmould->id, $rest, max($rest, self::STANDS_MOST), $order->ending === Ending::Cold ? Between::Cools : Between::Rests)],
            [...$holds, new Hold(Resource::Rack, $load->trays(), $bake, $unmould->id)], [new Goal($order->id, $unmould->id, 0, $bake, $rest + $unmould->minutes, $order->atMinute, $load->count())],
        );
    }

    /** Custard is whisked, sauce boiled. */
    private function poured(Load $load): ?Task
    {
        $custard = $load->pies->pie->custard();
        if ($custard === null || $custard->grams() <= 0) {
            return null;
        }
        $isSauce = $custard->eggs === [] && $custard->thickeners !== [];
        $minutes = $this->own->of(TaskKind::Whisk, $isSauce ? self::SAUCE : self::WHISK);
        $parts = [Part::hands(0, $minutes), ...($isSauce ? [new Part(Resource::Ring, 0, $minutes)] : [])];

        return new Task("whisk:$load->id", TaskKind::Whisk, self::title($isSauce ? 'task.sauce' : 'task.whisk', $load), [$load->order->id], $load->id, $minutes, $parts, [], $isSauce ? [] : [new Statement('prep.raw-egg')]);
    }

    private static function pouredFirst(Load $load, Task $poured): Bound
    {
        return new Bound($poured->id, ($load->pies->folded() === null ? 'fill:' : 'fold:').$load->id, 0, self::DAY_KEEPS, Between::Stands);
    }

    /**
     * The dough is mixed and has rested; bought dough is there.
     *
     * @param  list<Task>  $doughs
     * @return list<Bound>
     */
    private static function doughFirst(Load $load, ?DoughPlan $plan, array $doughs): array
    {
        $own = array_filter($doughs, static fn (Task $one): bool => in_array($load->order->id, $one->orders, true) && explode('#', $one->id)[0] === 'dough:'.$plan?->dough->id);

        return array_values(array_map(static fn (Task $one): Bound => new Bound($one->id, "line:$load->id", self::rest($plan, RestName::AfterMixing), self::DOUGH_KEEPS, Between::Rests), $own));
    }

    /** Minutes of a rest that is not skipped. */
    private static function rest(?DoughPlan $plan, RestName $name): int
    {
        $found = array_filter($plan?->rests() ?? [], static fn (Rest $one): bool => $one->name === $name && ! in_array($name, $plan->choice->skipped ?? [], true));

        return (int) ceil(array_sum(array_map(static fn (Rest $one): float => $one->usualMinutes, $found)));
    }

    /** @return list<Statement> */
    private static function fillSays(Load $load): array
    {
        $pie = $load->pies->pie;

        return [new Statement('day.fill-cool'), ...($pie->form() === Form::Open && $pie->custard() !== null ? [new Statement('day.pour-at-oven')] : []), ...($pie->crust->lid === null ? [] : [new Statement('day.vent-glaze')])];
    }

    private static function title(string $code, Load $load): Statement
    {
        return new Statement($code, ['pie' => $load->pies->pie->name, 'pieces' => $load->count(), 'isFolded' => $load->pies->folded() !== null ? 'yes' : 'no']);
    }
}
