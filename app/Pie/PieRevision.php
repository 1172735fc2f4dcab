<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;

/**
 * One saved state of a pie; written once, never changed (the database refuses it too).
 *
 * @property string $pie_id
 * @property int $number
 * @property array<array-key, mixed> $design
 * @property string $saved_by
 * @property Carbon $saved_at
 */
final class PieRevision extends Model
{
    protected $table = 'pie_revisions';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['kitchen_id', 'pie_id', 'number', 'design', 'saved_by', 'saved_at'];

    protected $casts = ['design' => 'array', 'number' => 'integer', 'saved_at' => 'datetime'];

    /**
     * @param  Collection<int, StoredPie>  $pies  all of one kitchen
     * @return array<string, self> by pie id
     */
    public static function newestOf(Collection $pies): array
    {
        return self::query()
            ->join('pies', static fn (JoinClause $join): JoinClause => $join
                ->on('pies.kitchen_id', 'pie_revisions.kitchen_id')
                ->on('pies.id', 'pie_revisions.pie_id')
                ->on('pies.revision', 'pie_revisions.number'))
            ->whereIn('pie_revisions.kitchen_id', $pies->pluck('kitchen_id')->unique()->all())
            ->whereIn('pie_id', $pies->modelKeys())
            ->get(['pie_revisions.*'])
            ->keyBy(static fn (self $revision): string => $revision->pie_id)->all();
    }

    public function pie(): Pie
    {
        return PieFile::fromDocument($this->design);
    }
}
