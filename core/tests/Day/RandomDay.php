<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Day;

use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Plan\Dice;
use Hojaldre\Core\Day\Task\Bound;
use Hojaldre\Core\Day\Task\DayTasks;
use Hojaldre\Core\Day\Task\Goal;
use Hojaldre\Core\Day\Task\HeatPart;
use Hojaldre\Core\Day\Task\Hold;
use Hojaldre\Core\Day\Task\OvenOption;
use Hojaldre\Core\Day\Task\Part;
use Hojaldre\Core\Day\Task\Resource;
use Hojaldre\Core\Day\Task\Task;
use Hojaldre\Core\Day\Task\TaskKind;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Statement\Statement;

/**
 * Small days drawn at random: 2 to 5 pies, 1 or 2 cooks, 1 or 2 ovens. All minutes are multiples of five, and so are the changes
 * between the two heats (150 to 200 up 5, down 15), so that a plan in steps of five minutes can be the best there is.
 */
final class RandomDay
{
    private const HEATS = [150, 200];

    /** @var list<Task> */
    private array $tasks = [];

    /** @var list<Bound> */
    private array $bounds = [];

    /** @var list<Hold> */
    private array $holds = [];

    /** @var list<Goal> */
    private array $goals = [];

    private readonly Dice $dice;

    private int $ovens = 1;

    private function __construct(int $seed)
    {
        $this->dice = new Dice($seed * 7919 + 11);
        $this->dice->below(2);
    }

    /** @return array{Day, DayTasks} */
    public static function of(int $seed): array
    {
        return (new self($seed))->make();
    }

    /** @return array{Day, DayTasks} */
    private function make(): array
    {
        $pies = 2 + $this->dice->below(4);
        $cooks = 1 + $this->dice->below(2);
        $this->ovens = 1 + $this->dice->below(2);
        $this->add('dough', TaskKind::Mix, '', 15, [Part::hands(0, 15)]);
        for ($pie = 1; $pie <= $pies; $pie++) {
            $this->pie("p$pie", 600 + 15 * $this->dice->below(13));
        }
        // some have room enough, some begin too late to be in time
        $from = 600 - [420, 420, 300, 240][$this->dice->below(4)];
        $ovens = [];
        for ($oven = 1; $oven <= $this->ovens; $oven++) {
            $ovens[] = new DayOven("oven-$oven", "Oven $oven", OvenMode::Static, 0, 1 + $this->dice->below(2), 440, 360, 5);
        }
        $hands = array_map(static fn (int $one): Cook => new Cook("Cook $one", [new Hours($from, 1440)]), range(1, $cooks));

        return [new Day('Random day', '2026-11-28', [], new DayKitchen($hands, $ovens, 2, 1, 40, 40), 0, [], []), new DayTasks($this->tasks, $this->bounds, $this->holds, $this->goals)];
    }

    private function pie(string $id, int $due): void
    {
        $five = fn (int $least, int $steps): int => $least + 5 * $this->dice->below($steps);
        $line = $five(5, 3);
        $this->add("line:$id", TaskKind::Line, $id, $line, [Part::hands(0, $line)]);
        $this->bounds[] = new Bound('dough', "line:$id", 30, 1440);
        $fill = $five(5, 2);
        $this->add("fill:$id", TaskKind::Fill, $id, $fill, [Part::hands(0, $fill)]);
        if ($this->dice->below(3) > 0) {
            $weighted = $five(15, 2);
            $bare = $five(5, 2);
            $all = 5 + $weighted + $bare + 5;
            $this->add("shell:$id", TaskKind::Shell, $id, $all, [Part::hands(0, 5), Part::hands(5 + $weighted, 5), Part::hands($all - 5, 5)], [[5, $weighted + $bare, 200]]);
            $this->bounds[] = new Bound("line:$id", "shell:$id", $five(15, 4), 1440);
            $this->bounds[] = new Bound("shell:$id", "fill:$id", $five(20, 4), 1440);
            $this->holds[] = new Hold(Resource::Rack, 1, "shell:$id", "fill:$id");
        } else {
            $this->bounds[] = new Bound("line:$id", "fill:$id", $five(15, 4), 1440);
        }
        if ($this->dice->below(2) === 0) {
            $cook = $five(15, 6);
            $this->add("cook:$id", TaskKind::Cook, $id, $cook, [Part::hands(0, 10), new Part(Resource::Ring, 0, $cook)]);
            $this->bounds[] = new Bound("cook:$id", "fill:$id", $five(20, 6), null);
        }
        $bake = $five(30, 7);
        $heat = self::HEATS[$this->dice->below(2)];
        $this->add("bake:$id", TaskKind::Bake, $id, $bake + 5, [Part::hands(0, 5), Part::hands($bake, 5)], [[0, $bake, $heat]]);
        $this->bounds[] = new Bound("fill:$id", "bake:$id", 0, 10);
        $rest = $five(10, 2);
        $this->add("cut:$id", TaskKind::Unmould, $id, 5, [Part::hands(0, 5)]);
        $this->bounds[] = new Bound("bake:$id", "cut:$id", $rest, 240);
        $this->goals[] = new Goal($id, "cut:$id", 0, "bake:$id", $rest + 5, $due, 1);
    }

    /**
     * @param  list<Part>  $parts
     * @param  list<array{int, int, int}>  $heats
     */
    private function add(string $id, TaskKind $kind, string $load, int $minutes, array $parts, array $heats = []): void
    {
        $ovens = [];
        for ($oven = 1; $heats !== [] && $oven <= $this->ovens; $oven++) {
            $ovens[] = new OvenOption("oven-$oven", 1, array_map(static fn (array $one): HeatPart => new HeatPart(...$one), $heats));
        }
        $this->tasks[] = new Task($id, $kind, new Statement('task.bake', ['pie' => $load, 'pieces' => 1]), $load === '' ? [] : [$load], $load, $minutes, $parts, $ovens);
    }
}
