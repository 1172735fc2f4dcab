<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Batch\StoredBatch;
use App\Day\DayToSave;
use App\Day\PlannedDay;
use App\Day\PlanWish;
use App\Day\StoredDay;
use App\Food\KitchenFood;
use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Kitchen\User;
use App\Oven\KitchenOven;
use App\Pie\StoredPie;
use App\Tin\KitchenTin;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Day\Cook;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Day\DayKitchen;
use Hojaldre\Core\Day\DayOven;
use Hojaldre\Core\Day\Hours;
use Hojaldre\Core\Day\Order;
use Hojaldre\Core\Day\Pin;
use Hojaldre\Core\Day\Plan\PlannedTask;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Food\FoodLabel;
use Hojaldre\Core\Food\OwnFood;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;

/**
 * The Lock House, a made-up pie hatch. Its passwords are published, so it goes only where nobody can sign in yet.
 */
final class DemoKitchenSeeder extends Seeder
{
    public const PASSWORD = 'golden crust';

    private const MEMBERS = [
        ['Ada Quill', 'ada@lockhouse.example', Role::Owner],
        ['Ben Sluys', 'ben@lockhouse.example', Role::Cook],
        ['Cleo Marsh', 'cleo@lockhouse.example', Role::Guest],
    ];

    public function run(): void
    {
        if (User::query()->exists()) {
            return;
        }
        DB::transaction(function (): void {
            $kitchen = Kitchen::query()->create(['name' => 'The Lock House']);
            foreach (self::MEMBERS as [$name, $email, $role]) {
                $user = User::query()->create(['email' => $email, 'name' => $name, 'password' => self::PASSWORD]);
                $kitchen->members()->attach($user->id, ['role' => $role->value]);
            }
            $ada = User::query()->where('email', self::MEMBERS[0][1])->firstOrFail();
            $this->stores($kitchen);
            foreach (array_reverse(self::files()) as $file) {
                StoredPie::putDown($kitchen, $ada, PieFile::read((string) file_get_contents($file)));
            }
            $this->saturday($kitchen, $ada);
            DemoBakes::put($kitchen, $ada);
        });
    }

    /** Saturday at the hatch: all seven pies. */
    private function saturday(Kitchen $kitchen, User $by): void
    {
        $lines = [];
        foreach (DemoStores::SATURDAY as $name => $count) {
            $pie = $kitchen->pies()->where('name', $name)->firstOrFail();
            $lines[] = new BatchLine($pie->id, $count, LiningChoice::usual(), FoldChoice::asDesigned());
        }
        $batch = StoredBatch::putDown($kitchen, $by, new Batch('Saturday', $lines, [], 21));
        $this->ovenDay($kitchen, $by, $batch);
    }

    /** The hatch opens at half past nine; one order for a quarter past eleven, the hand pies out of the freezer. */
    private function ovenDay(Kitchen $kitchen, User $by, StoredBatch $batch): void
    {
        $orders = [];
        foreach (DemoStores::HATCH as $at => [$name, $count, $minute, $from, $ending]) {
            $pie = $kitchen->pies()->where('name', $name)->firstOrFail();
            $orders[] = new Order('o'.($at + 1), $pie->id, $count, $minute, $from, $ending, null);
        }
        $ovens = KitchenOven::query()->where('kitchen_id', $kitchen->id)->orderBy('name')->get()->map(
            static fn (KitchenOven $one): DayOven => new DayOven($one->id, $one->name, $one->mode, $one->runs_by_kelvins, $one->mode === OvenMode::Fan ? 2 : 3, 440, 360, 5),
        )->all();
        $cooks = array_map(static fn (string $name): Cook => new Cook($name, [new Hours(...DemoStores::FRIDAY), new Hours(...DemoStores::FROM_SATURDAY)]), ['Ada', 'Ben']);
        $day = new Day('Saturday', now()->next('Saturday')->format('Y-m-d'), $orders, new DayKitchen($cooks, array_values($ovens), 4, 1, 16, 16), Day::USUAL_SPARE_MINUTES, [], []);
        $plan = PlannedDay::of($kitchen, new PlanWish($day, $batch->id, null, null, false, false, null))->plan;
        $told = array_map(static fn (PlannedTask $one): Pin => new Pin($one->task->id, $one->startMinute), $plan->tasks);
        StoredDay::putDown($kitchen, $by, new DayToSave(0, $batch->id, $day, $told));
    }

    private function stores(Kitchen $kitchen): void
    {
        foreach (DemoStores::TINS as $name => $tin) {
            KitchenTin::put($kitchen, Str::uuid()->toString(), ['name' => $name, 'tin' => json_encode($tin, JSON_THROW_ON_ERROR)]);
        }
        foreach (DemoStores::OVENS as $name => $oven) {
            KitchenOven::put($kitchen, Str::uuid()->toString(), ['name' => $name, 'mode' => $oven['mode'], 'runs_by_kelvins' => $oven['runsByKelvins'], 'notes' => $oven['notes']]);
        }
        foreach (DemoStores::FOODS as $id => $label) {
            KitchenFood::putFood($kitchen, OwnFood::of($id, DocumentReader::read(FoodLabel::class, $label)));
        }
        foreach (DemoStores::PRICES_PER_KG as $id => $price) {
            KitchenFood::put($kitchen, $id, ['price_per_kg' => $price]);
        }
    }

    /** @return list<string> the first pie of the list first */
    private static function files(): array
    {
        $files = glob(database_path('data/demo/*.json')) ?: throw new RuntimeException('The demo pies are missing from database/data/demo.');
        rsort($files);

        return $files;
    }
}
