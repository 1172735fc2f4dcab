<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Kitchen\Kitchen;
use App\Kitchen\OfKitchen;
use App\Problem\Problem;
use Hojaldre\Core\AtOven\Leg;
use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Record\Foretold;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One bake: a pie that goes, or went, through the oven. What was pressed stands in its events, what was measured in its readings.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string|null $pie_id
 * @property string $name
 * @property int $count
 * @property string $design
 * @property string $foretold
 * @property string $legs
 * @property string $possible
 * @property string|null $oven_id
 * @property string $oven
 * @property Carbon|null $planned_at
 * @property Carbon|null $in_at
 * @property Carbon|null $out_at
 * @property float $designed_minutes
 * @property float $low_minutes
 * @property float $high_minutes
 * @property bool|null $in_range
 * @property string $state
 * @property string|null $underside
 * @property string|null $slice
 * @property string|null $colour
 * @property string|null $salt
 * @property list<string> $faults
 * @property list<array{layer: string, grams: float}>|null $weighed
 * @property string $words
 * @property string $next_time
 * @property string|null $judged_by
 * @property Carbon|null $judged_at
 * @property string|null $evidence
 * @property string|null $evidence_of
 * @property string $looked_for
 * @property string $begun_by
 * @property Carbon $created_at
 */
final class StoredBake extends Model
{
    use HasUuids;
    use OfKitchen;

    protected $table = 'bakes';

    protected $fillable = [
        'id', 'kitchen_id', 'pie_id', 'name', 'count', 'design', 'foretold', 'legs', 'possible', 'oven_id', 'oven', 'planned_at', 'in_at', 'out_at', 'designed_minutes', 'low_minutes', 'high_minutes', 'in_range', 'state', 'underside', 'slice', 'colour', 'salt', 'faults', 'weighed',
        'words', 'next_time', 'judged_by', 'judged_at', 'evidence', 'evidence_of', 'looked_for', 'begun_by', 'created_at',
    ];

    protected $casts = [
        'count' => 'integer', 'in_range' => 'boolean', 'designed_minutes' => 'float', 'low_minutes' => 'float', 'high_minutes' => 'float', 'planned_at' => 'immutable_datetime', 'in_at' => 'immutable_datetime', 'out_at' => 'immutable_datetime', 'judged_at' => 'immutable_datetime', 'faults' => 'array', 'weighed' => 'array',
    ];

    /** So that times of the clock keep their thousandths. */
    protected $dateFormat = 'Y-m-d H:i:s.vP';

    /** @return Builder<self> */
    public static function of(Kitchen $kitchen): Builder
    {
        return self::query()->where('kitchen_id', $kitchen->id);
    }

    public static function inKitchen(Kitchen $kitchen, string $id): self
    {
        return self::of($kitchen)->find($id) ?? throw Problem::notFound('There is no such bake in this kitchen. Look in the bake book.');
    }

    /** @return list<self> what waits, is in, or rests, in the order in which it goes in */
    public static function atOven(Kitchen $kitchen): array
    {
        return array_values(self::of($kitchen)->whereIn('state', ['waiting', 'in', 'resting'])->orderByRaw('coalesce(in_at, planned_at, created_at)')->orderBy('id')->get()->all());
    }

    /** The pie as it was baked. */
    public function pie(): Pie
    {
        return PieFile::read($this->design);
    }

    public function foretold(): Foretold
    {
        return DocumentReader::read(Foretold::class, self::decoded($this->foretold));
    }

    /** @return list<Leg> */
    public function legsOf(): array
    {
        /** @var list<array<string, mixed>> $kept as KeptLegs wrote it */
        $kept = self::decoded($this->legs);

        return KeptLegs::read($kept);
    }

    public function possibleBakes(): PossibleBakes
    {
        /** @var list<array<string, mixed>> $kept as KeptPossible wrote it */
        $kept = self::decoded($this->possible);

        return KeptPossible::read($kept);
    }

    /** @return array<array-key, mixed> */
    private static function decoded(string $json): array
    {
        $value = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return is_array($value) ? $value : [];
    }

    /** What is to be thought of when this pie is made again: the newest line of its bakes; empty where nobody wrote one. */
    public static function nextTimeOf(string $kitchen, ?string $pie): string
    {
        $row = $pie === null ? null : self::query()->where('kitchen_id', $kitchen)->where('pie_id', $pie)->where('next_time', '!=', '')->whereNotNull('out_at')->orderByDesc('out_at')->first(['next_time']);

        return $row->next_time ?? '';
    }
}
