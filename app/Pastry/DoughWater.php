<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Kitchen\Kitchen;
use App\Record\KitchenLesson;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pastry\Dough\WaterLog;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What a dough took once.
 *
 * @property string $id
 * @property string $dough_id
 * @property array<array-key, mixed> $log
 * @property float $used_percent of the flour
 * @property string $logged_by
 * @property Carbon $logged_at
 */
final class DoughWater extends Model
{
    use HasUuids;

    /** Flour changes with the sack: older makings say little of today's (judgement). */
    private const MAKINGS = 8;

    protected $table = 'dough_waters';

    public $timestamps = false;

    protected $fillable = ['kitchen_id', 'dough_id', 'log', 'used_percent', 'logged_by', 'logged_at'];

    protected $casts = ['log' => 'array', 'used_percent' => 'float', 'logged_at' => 'immutable_datetime'];

    /**
     * @param  (callable(self): bool)|null  $counts  null for all
     * @return array<string, list<self>> by dough, the newest first, as many as say something of today's flour
     */
    public static function of(Kitchen $kitchen, ?callable $counts = null): array
    {
        $by = [];
        foreach (self::query()->where('kitchen_id', $kitchen->id)->orderByDesc('logged_at')->orderBy('id')->get() as $one) {
            if (($counts === null || $counts($one)) && count($by[$one->dough_id] ?? []) < self::MAKINGS) {
                $by[$one->dough_id][] = $one;
            }
        }

        return $by;
    }

    /** @return array<string, list<float>> per cent of the flour, by dough: what was known when the cooks accepted it; of other doughs the recipe counts alone */
    public static function accepted(Kitchen $kitchen): array
    {
        $until = KitchenLesson::acceptedAt($kitchen, 'water');

        return array_map(self::percents(...), self::of($kitchen, static fn (self $one): bool => isset($until[$one->dough_id]) && $one->logged_at <= $until[$one->dough_id]));
    }

    /**
     * @param  list<self>  $waters
     * @return list<float> per cent of the flour
     */
    public static function percents(array $waters): array
    {
        return array_map(static fn (self $one): float => $one->used_percent, $waters);
    }

    public static function put(Kitchen $kitchen, string $dough, WaterLog $log, string $by): self
    {
        return self::query()->create([
            'kitchen_id' => $kitchen->id, 'dough_id' => $dough, 'log' => DocumentWriter::write($log), 'used_percent' => round($log->usedPercent(), 2), 'logged_by' => $by, 'logged_at' => now(),
        ]);
    }

    public function waterLog(): WaterLog
    {
        return DocumentReader::read(WaterLog::class, $this->log);
    }
}
